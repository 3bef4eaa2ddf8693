import { TABLE } from './colours';

/** Lamps to look at a figure by, as the shader numbers them. */
export const LAMPS = [
    { id: 'even', name: 'Even light' },
    { id: 'desk', name: 'Desk lamp' },
    { id: 'sky', name: 'Under the sky' },
] as const;
export type Lamp = (typeof LAMPS)[number]['id'];

export const VERTEX = /* glsl */ `
in vec4 relief;
in float label;
out vec3 vNormal;
out vec3 vModelNormal;
out vec3 vEye;
out vec4 vRelief;
flat out int vLabel;
void main() {
    vec4 place = modelViewMatrix * vec4(position, 1.0);
    vNormal = normalMatrix * normal;
    vModelNormal = normal;
    vEye = -place.xyz;
    vRelief = relief;
    vLabel = int(label + 0.5);
    gl_Position = projectionMatrix * place;
}`;

/**
 * Looks the colour of a point up: between the two zones it lies between, and between the shares of spray it lies between. Mixed as light, in linear sRGB.
 * The even lamp shows a skin that faces the eye exactly as the strip does.
 */
export const FRAGMENT = /* glsl */ `
precision highp float;
precision highp int;
uniform sampler2D table;
uniform sampler2D other;
uniform float wiper;
uniform float width;
uniform int lamp;
uniform bool squints;
uniform bool lights;
uniform int chosen;
uniform bool stripes;
uniform float dim;
in vec3 vNormal;
in vec3 vModelNormal;
in vec3 vEye;
in vec4 vRelief;
flat in int vLabel;
out vec4 painted;

const int ZONES = ${TABLE.ZONES};
const int HEAD = ${TABLE.HEAD};
const int FLANK = ${TABLE.FLANK};

vec3 linear(vec3 c) { return mix(c / 12.92, pow((c + 0.055) / 1.055, vec3(2.4)), step(0.04045, c)); }
vec3 encoded(vec3 c) { c = clamp(c, 0.0, 1.0); return mix(c * 12.92, 1.055 * pow(c, vec3(1.0 / 2.4)) - 0.055, step(0.0031308, c)); }

vec4 at(sampler2D from, int column) {
    vec4 one = texelFetch(from, ivec2(column, vLabel), 0);
    return vec4(linear(one.rgb), one.a);
}
vec4 zoned(sampler2D from, int exposure, int flank) {
    float zone = vRelief.x * float(ZONES - 1);
    int low = min(ZONES - 2, int(zone));
    int start = HEAD + flank * FLANK + exposure * ZONES;
    return mix(at(from, start + low), at(from, start + low + 1), zone - float(low));
}
vec4 exposed(sampler2D from, ivec2 counts, int flank) {
    vec2 reach = vRelief.zw * vec2(counts - 1);
    ivec2 low = min(max(counts - 2, ivec2(0)), ivec2(reach));
    ivec2 high = min(counts - 1, low + 1);
    vec2 share = reach - vec2(low);
    return mix(
        mix(zoned(from, low.y * counts.x + low.x, flank), zoned(from, low.y * counts.x + high.x, flank), share.x),
        mix(zoned(from, high.y * counts.x + low.x, flank), zoned(from, high.y * counts.x + high.x, flank), share.x),
        share.y
    );
}

vec3 seen(sampler2D from, vec3 normal, vec3 eye) {
    vec4 head = texelFetch(from, ivec2(0, vLabel), 0);
    float facing = max(0.0, dot(normal, eye));
    if (head.a < 0.5) {
        // In no area: bare, and striped so that one sees it is nobody's.
        float stripe = stripes ? step(0.5, fract((gl_FragCoord.x + gl_FragCoord.y) / 9.0)) : 0.5;
        return vec3(stripes ? mix(0.2, 0.29, stripe) : 0.45) * (0.3 + 0.7 * facing) * (0.6 + 0.4 * vRelief.y);
    }
    ivec2 counts = ivec2(head.rg * 255.0 + 0.5);
    float left = smoothstep(-0.35, 0.35, vModelNormal.x);
    vec4 paint = mix(exposed(from, counts, 1), exposed(from, counts, 0), left);
    if (lights) {
        float zone = vRelief.x * float(ZONES - 1);
        int low = min(ZONES - 2, int(zone));
        float lands = mix(texelFetch(from, ivec2(1 + low, vLabel), 0).r, texelFetch(from, ivec2(2 + low, vLabel), 0).r, zone - float(low));
        float grey = dot(paint.rgb, vec3(0.2126, 0.7152, 0.0722));
        paint.rgb = mix(vec3(0.10 + 0.25 * grey), paint.rgb + vec3(0.10), lands) ;
        paint.rgb += vec3(0.32, 0.30, 0.22) * smoothstep(0.35, 0.9, lands);
    }
    float open = vRelief.y;
    vec3 colour = paint.rgb;
    vec3 mirrored = reflect(-eye, normal);
    if (lamp == 0) {
        colour *= (0.74 + 0.26 * smoothstep(0.0, 0.75, facing)) * mix(0.62, 1.0, smoothstep(0.1, 0.72, open));
        // A metal throws the light above it back, and what is dark around it.
        colour *= mix(1.0, 0.72 + 0.75 * smoothstep(-0.2, 0.9, mirrored.y), paint.a);
        colour += head.b * 0.22 * pow(max(0.0, dot(mirrored, normalize(vec3(-0.25, 0.75, 0.6)))), 24.0);
    } else {
        vec3 from = lamp == 1 ? normalize(vec3(-0.62, 0.55, 0.56)) : vec3(0.0, 1.0, 0.0);
        float key = lamp == 1 ? max(0.0, dot(normal, from)) : 0.5 + 0.5 * dot(normal, from);
        float around = 0.5 + 0.5 * normal.y;
        float dim = mix(0.35, 1.0, open);
        colour *= lamp == 1 ? (0.22 + 0.18 * around) * dim + 1.05 * key * mix(0.55, 1.0, open) : (0.25 + 0.95 * key) * dim;
        colour *= mix(1.0, 0.5 + 1.3 * smoothstep(0.1, 0.95, dot(mirrored, from)), paint.a);
        colour += (head.b * 0.5 + paint.a * 0.25 * paint.rgb) * pow(max(0.0, dot(mirrored, from)), 20.0);
    }
    return colour;
}

void main() {
    vec3 normal = normalize(vNormal);
    vec3 eye = normalize(vEye);
    if (!gl_FrontFacing) normal = -normal;
    vec3 colour;
    if (gl_FragCoord.x < wiper * width) colour = seen(other, normal, eye);
    else colour = seen(table, normal, eye);
    if (squints) colour = vec3(dot(colour, vec3(0.2126, 0.7152, 0.0722)));
    if (chosen >= 0 && vLabel != chosen) colour = mix(colour, vec3(dot(colour, vec3(0.2126, 0.7152, 0.0722)) * 0.35 + 0.07), dim);
    painted = vec4(encoded(colour), 1.0);
}`;
