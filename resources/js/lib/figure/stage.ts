import {
    BufferAttribute,
    BufferGeometry,
    GLSL3,
    Mesh,
    MeshBasicMaterial,
    MOUSE,
    PerspectiveCamera,
    Raycaster,
    Scene,
    ShaderMaterial,
    TOUCH,
    Vector2,
    Vector3,
    WebGLRenderer,
} from 'three';
import { OrbitControls } from 'three/addons/controls/OrbitControls.js';
import { ColourTable, type Moment, type Painted } from './colours';
import { drawnBy } from './drawing';
import { drawn, readSculpt, type Sculpt } from './sculpt';
import { LAMPS, type Lamp } from './lamps';
import { FRAGMENT, VERTEX } from './shading';

const VIEW_DEGREES = 24;
const TURN = 0.12;
/** From here on the sides of the canvas are to each other as in another frame. */
const OTHER_FRAME = 0.15;
/** Slower than this, pictures are made smaller until the hand stops. */
const SLOW_MS = 120;

/** A place that is pointed at. */
export type Place = { label: number; zone: number; triangle: number };

/** Draws one figure, and only when something has changed. */
export class Stage {
    private readonly renderer: WebGLRenderer;
    private readonly scene = new Scene();
    private readonly camera = new PerspectiveCamera(VIEW_DEGREES, 1, 1, 5000);
    private readonly controls: OrbitControls;
    private readonly table = new ColourTable();
    private readonly other = new ColourTable();
    private readonly material: ShaderMaterial;
    private mesh: Mesh | null = null;
    private readonly marked = new Mesh(
        new BufferGeometry(),
        new MeshBasicMaterial({
            color: 0xffffff,
            opacity: 0.45,
            transparent: true,
            polygonOffset: true,
            polygonOffsetFactor: -2,
        }),
    );
    private sculpt: Sculpt | null = null;
    private relief: Uint8Array = new Uint8Array();
    private labels: Uint8Array = new Uint8Array();
    private marks: Uint8Array = new Uint8Array();
    private areas: readonly string[] = [];
    private homeAspect = 1;
    /** A picture lies flat before the eye: it is moved and brought nearer, not turned. */
    private isFlat = false;
    private waiting = 0;
    private ratio = Math.min(2, globalThis.devicePixelRatio);
    private readonly watcher: ResizeObserver;

    constructor(private readonly canvas: HTMLCanvasElement) {
        this.renderer = new WebGLRenderer({
            canvas,
            // Smooth edges would cost a processor as much as all else together.
            antialias: drawnBy() === 'card',
            alpha: true,
            preserveDrawingBuffer: true,
        });
        this.material = new ShaderMaterial({
            glslVersion: GLSL3,
            vertexShader: VERTEX,
            fragmentShader: FRAGMENT,
            uniforms: {
                table: { value: this.table.texture },
                other: { value: this.other.texture },
                wiper: { value: 0 },
                sided: { value: false },
                width: { value: 1 },
                lamp: { value: 0 },
                squints: { value: false },
                lights: { value: false },
                chosen: { value: -1 },
                dim: { value: 0.82 },
                stripes: { value: false },
                flatPicture: { value: false },
            },
        });
        this.marked.visible = false;
        this.scene.add(this.marked);
        this.controls = new OrbitControls(this.camera, canvas);
        this.controls.enablePan = false;
        this.controls.addEventListener('change', () => this.draw());
        this.watcher = new ResizeObserver(() => this.fit());
        this.watcher.observe(canvas);
    }

    async load(
        glb: ArrayBuffer,
        relief: Uint8Array,
        labels: Uint8Array,
        areas: readonly string[],
        isFlat = false,
        staysThere = false,
    ): Promise<void> {
        this.isFlat = isFlat;
        this.material.uniforms['flatPicture']!.value = isFlat;
        this.controls.enableRotate = !isFlat;
        this.controls.enablePan = isFlat;
        if (isFlat) {
            this.controls.mouseButtons.LEFT = MOUSE.PAN;
            this.controls.touches.ONE = TOUCH.PAN;
        }
        this.sculpt = await readSculpt(glb);
        this.relief = relief;
        this.name(labels, areas);
        this.home(staysThere ? this.camera.position.clone().sub(this.controls.target).normalize() : undefined);
    }

    /** Another share-out of the triangles among the areas. */
    name(labels: Uint8Array, areas: readonly string[]): void {
        if (this.sculpt === null) return;
        this.areas = areas;
        this.labels = labels;
        this.material.uniforms['stripes']!.value = this.relief.length > 0;
        const geometry = drawn(this.sculpt, this.relief, labels, this.marks);
        if (this.mesh === null) {
            this.mesh = new Mesh<BufferGeometry, ShaderMaterial>(geometry, this.material);
            this.scene.add(this.mesh);
        } else {
            this.mesh.geometry.dispose();
            this.mesh.geometry = geometry;
        }
        this.mark([]);
        this.draw();
    }

    /** Where marks lie on the areas as they are named now. */
    place(marks: Uint8Array): void {
        this.marks = marks;
        this.name(this.labels, this.areas);
    }

    show(painted: Painted, moment: Moment): void {
        this.table.show(painted, this.areas, moment);
        this.tell();
        this.set('lights', moment.lit !== null);
    }

    /** What lies left of the wiper; none puts it away. */
    compare(painted: Painted | null, moment: Moment, wiper = 0): void {
        if (painted !== null) this.other.show(painted, this.areas, moment);
        this.tell();
        this.need('COMPARES', painted !== null);
        this.set('wiper', painted === null ? 0 : wiper);
    }

    light(lamp: Lamp): void {
        this.set(
            'lamp',
            LAMPS.findIndex((one) => one.id === lamp),
        );
    }

    squint(squints: boolean): void {
        this.set('squints', squints);
    }

    /** All other areas step back: so far that it stands alone, or just so that one sees which it is. */
    choose(area: string | null, far = 0.82): void {
        this.set('dim', far);
        this.set('chosen', area === null ? -1 : this.areas.includes(area) ? this.areas.indexOf(area) : 254);
    }

    /** As large as fits: from the front, or from another direction. */
    home(from = this.isFlat ? new Vector3(0, 0, 1) : new Vector3(-0.22, 0.2, 1).normalize()): void {
        const box = this.mesh?.geometry.boundingBox;
        if (!box) return;
        const size = box.getSize(new Vector3());
        const slope = Math.tan((VIEW_DEGREES * Math.PI) / 360);
        // It turns: what is wide from one side has to fit as well as its height.
        const wide = Math.max(size.x, size.z) / 2;
        this.homeAspect = this.camera.aspect;
        const far =
            (Math.max(size.y / 2, wide / this.homeAspect) / slope) * (this.isFlat ? 1.04 : 1.1) +
            (this.isFlat ? 0 : wide * 0.9);
        const centre = box.getCenter(new Vector3());
        this.controls.target.copy(centre);
        this.camera.position.copy(centre).add(from.multiplyScalar(far));
        this.camera.near = far / 20;
        this.camera.far = far * 4;
        this.controls.minDistance = far / 5;
        this.controls.maxDistance = far * 2;
        this.controls.update();
        this.draw();
    }

    /** Turns by the arrow keys: across and over. */
    turn(across: number, over: number): void {
        if (this.isFlat) return this.move(across, over);
        const away = this.camera.position.clone().sub(this.controls.target);
        away.applyAxisAngle(new Vector3(0, 1, 0), -across * TURN);
        const side = new Vector3(0, 1, 0).cross(away).normalize();
        const tipped = away.clone().applyAxisAngle(side, -over * TURN);
        if (Math.abs(tipped.y) < 0.98 * tipped.length()) away.copy(tipped);
        this.camera.position.copy(this.controls.target).add(away);
        this.controls.update();
        this.draw();
    }

    private move(across: number, over: number): void {
        const by = this.camera.position.distanceTo(this.controls.target) * 0.06;
        for (const place of [this.camera.position, this.controls.target]) {
            place.x += across * by;
            place.y += over * by;
        }
        this.controls.update();
        this.draw();
    }

    zoom(by: number): void {
        const away = this.camera.position.clone().sub(this.controls.target);
        away.setLength(Math.min(this.controls.maxDistance, Math.max(this.controls.minDistance, away.length() * by)));
        this.camera.position.copy(this.controls.target).add(away);
        this.controls.update();
        this.draw();
    }

    /** The plane in which the eye sees a line drawn over the canvas: how far a place lies on one side of it. */
    across(from: { x: number; y: number }, to: { x: number; y: number }): (x: number, y: number, z: number) => number {
        const [one, other] = [from, to].map((point) => this.rayTo(point.x, point.y));
        const out = one!.direction.clone().cross(other!.direction).normalize();
        const eye = one!.origin.clone();
        return (x, y, z) => out.dot(new Vector3(x, y, z).sub(eye));
    }

    private rayTo(x: number, y: number) {
        const box = this.canvas.getBoundingClientRect();
        const ray = new Raycaster();
        ray.setFromCamera(
            new Vector2(((x - box.left) / box.width) * 2 - 1, 1 - ((y - box.top) / box.height) * 2),
            this.camera,
        );
        return ray.ray;
    }

    /** While it is held a hand does not turn it. */
    hold(isHeld: boolean): void {
        this.controls.enabled = !isHeld;
    }

    /** Shows a triangle to whoever goes through them by keys: it turns to where that can be seen. */
    face(triangle: number): void {
        if (this.sculpt === null) return;
        const corner = (at: number) =>
            new Vector3().fromArray(this.sculpt!.positions, 3 * this.sculpt!.triangles[3 * triangle + at]!);
        const [a, b, c] = [corner(0), corner(1), corner(2)];
        const out = b.clone().sub(a).cross(c.clone().sub(a)).normalize();
        this.lookFrom(out);
    }

    /** Lights some triangles up, for as long as they are looked for. */
    mark(triangles: readonly number[]): void {
        if (this.mesh === null) return;
        const index = this.mesh.geometry.getIndex()!;
        const corners = new Uint32Array(3 * triangles.length);
        triangles.forEach((one, at) => {
            for (let corner = 0; corner < 3; corner++) corners[3 * at + corner] = index.getX(3 * one + corner);
        });
        this.marked.geometry.setAttribute('position', this.mesh.geometry.getAttribute('position'));
        this.marked.geometry.setIndex(new BufferAttribute(corners, 1));
        this.marked.visible = triangles.length > 0;
        this.draw();
    }

    /**
     * Turns to where a step of an area is best seen: to where most of what it lands on looks.
     *
     * @param lands how much of it each zone gets
     */
    turnTo(area: string, lands: readonly number[]): void {
        if (this.mesh === null) return;
        const { geometry } = this.mesh;
        const [normals, labels, reliefs] = ['normal', 'label', 'relief'].map((name) => geometry.getAttribute(name));
        const label = this.areas.indexOf(area);
        const out = new Vector3();
        for (let at = 0; at < labels!.count; at++) {
            if (Math.round(labels!.getX(at)) !== label) continue;
            const weight = (lands[Math.round(4 * reliefs!.getX(at))] ?? 0) * reliefs!.getY(at);
            out.x += weight * normals!.getX(at);
            out.y += weight * normals!.getY(at);
            out.z += weight * normals!.getZ(at);
        }
        // What is the same all round is looked at from the front.
        out.z += 0.3 * out.length() + 1e-6;
        this.lookFrom(out.normalize());
    }

    /** Looks from a direction, never quite from above or below. */
    private lookFrom(out: Vector3): void {
        if (this.isFlat) return;
        const far = this.camera.position.distanceTo(this.controls.target);
        out.y = Math.max(-0.5, Math.min(0.7, out.y)) + 0.1;
        this.camera.position.copy(this.controls.target).add(out.normalize().multiplyScalar(far));
        this.controls.update();
        this.draw();
    }

    get parts(): Sculpt | null {
        return this.sculpt;
    }

    /** What lies under a point of the canvas. */
    under(x: number, y: number): Place | null {
        if (this.mesh === null) return null;
        const box = this.canvas.getBoundingClientRect();
        const ray = new Raycaster();
        ray.setFromCamera(
            new Vector2(((x - box.left) / box.width) * 2 - 1, 1 - ((y - box.top) / box.height) * 2),
            this.camera,
        );
        const hit = ray.intersectObject(this.mesh)[0];
        if (!hit?.face || hit.faceIndex == null) return null;
        const { geometry } = this.mesh;
        const relief = geometry.getAttribute('relief');
        const zones = [hit.face.a, hit.face.b, hit.face.c].map((vertex) => relief.getX(vertex) * 4);
        return {
            label: Math.round(geometry.getAttribute('label').getX(hit.face.a)),
            zone: Math.round(zones.reduce((sum, zone) => sum + zone, 0) / 3),
            triangle: hit.faceIndex,
        };
    }

    /** Pictures come when something has changed, and no more often than they can be drawn. */
    draw(): void {
        if (this.waiting !== 0) return;
        this.waiting = requestAnimationFrame(() => {
            this.waiting = 0;
            const begun = performance.now();
            this.renderer.render(this.scene, this.camera);
            this.canvas.dataset['drawn'] = String(Number(this.canvas.dataset['drawn'] ?? 0) + 1);
            if (performance.now() - begun > SLOW_MS && this.ratio > 0.6) {
                this.ratio = Math.max(0.6, this.ratio * 0.75);
                this.fit();
            }
        });
    }

    close(): void {
        cancelAnimationFrame(this.waiting);
        this.watcher.disconnect();
        this.controls.dispose();
        this.mesh?.geometry.dispose();
        this.marked.geometry.dispose();
        this.material.dispose();
        this.table.dispose();
        this.other.dispose();
        this.renderer.dispose();
    }

    private fit(): void {
        const { clientWidth, clientHeight } = this.canvas;
        if (clientWidth === 0 || clientHeight === 0) return;
        this.renderer.setPixelRatio(this.ratio);
        this.renderer.setSize(clientWidth, clientHeight, false);
        this.camera.aspect = clientWidth / clientHeight;
        this.camera.updateProjectionMatrix();
        this.set('width', clientWidth * this.ratio);
        // Another frame, a tablet turned: it is fitted into it anew.
        if (Math.abs(Math.log(this.camera.aspect / this.homeAspect)) > OTHER_FRAME) this.home();
    }

    private tell(): void {
        this.set('sided', this.table.isSided || this.other.isSided);
        this.need('BROKEN', this.table.isBroken || this.other.isBroken);
    }

    /** Draws what not every figure needs, from here on or no more. */
    private need(what: 'BROKEN' | 'COMPARES', isNeeded: boolean): void {
        const { defines } = this.material;
        if (isNeeded === what in defines) return;
        if (isNeeded) defines[what] = '';
        else delete defines[what];
        this.material.needsUpdate = true;
        this.draw();
    }

    private set(name: string, value: unknown): void {
        this.material.uniforms[name]!.value = value;
        this.draw();
    }
}
