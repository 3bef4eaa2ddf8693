import { TABLE } from './colours';

/**
 * Looks the colour of each corner up: between the two zones it lies between, and between the shares of spray it lies between. Mixed as light, in linear
 * sRGB. A figure has more corners than one tells apart, so that the points between may lie between their colours. What few figures need (BROKEN, COMPARES) is left
 * out of the drawing of all others: without a graphics card each number that goes from corners to points costs.
 */
export const VERTEX = /* glsl */ `
precision highp float;
precision highp int;
precision highp sampler2D;
uniform sampler2D table;
uniform sampler2D other;
uniform bool sided;
in vec4 relief;
in float label;
in float mark;
out vec3 vNormal;
out vec3 vEye;
out vec4 vPaint;
out vec4 vSkin;
out float vOpen;
#ifdef BROKEN
out vec4 vFlecks;
out vec3 vPlace;
#endif
#ifdef COMPARES
out vec4 vOther;
#ifdef BROKEN
out vec4 vOtherFlecks;
#endif
#endif
flat out int vLabel;
flat out int vNobody;

const int ZONES = ${TABLE.ZONES};
const int ZONE = ${TABLE.ZONE};
const int HEAD = ${TABLE.HEAD};
const int FLANK = ${TABLE.FLANK};

vec4 zoned(sampler2D from, int row, int exposure, int flank) {
    float zone = relief.x * float(ZONES - 1);
    int low = min(ZONES - 2, int(zone));
    int start = HEAD + flank * FLANK + exposure * ZONES;
    return mix(texelFetch(from, ivec2(start + low, row), 0), texelFetch(from, ivec2(start + low + 1, row), 0), zone - float(low));
}
vec4 exposed(sampler2D from, int row, ivec2 counts, int flank) {
    vec2 reach = relief.zw * vec2(counts - 1);
    ivec2 low = min(max(counts - 2, ivec2(0)), ivec2(reach));
    ivec2 high = min(counts - 1, low + 1);
    vec2 share = reach - vec2(low);
    vec4 lower = mix(zoned(from, row, low.y * counts.x + low.x, flank), zoned(from, row, low.y * counts.x + high.x, flank), share.x);
    if (counts.y == 1) return lower;
    return mix(lower, mix(zoned(from, row, high.y * counts.x + low.x, flank), zoned(from, row, high.y * counts.x + high.x, flank), share.x), share.y);
}
// Ground lies in the first two flanks of the table, flecks in the next two.
vec4 painted(sampler2D from, int row, ivec2 counts, int flank) {
    vec4 left = exposed(from, row, counts, flank);
    return sided ? mix(exposed(from, row, counts, flank + 1), left, smoothstep(-0.35, 0.35, normal.x)) : left;
}
// What is told of each zone, between the two it lies between.
vec4 told(sampler2D from, int row) {
    float zone = relief.x * float(ZONES - 1);
    int low = min(ZONES - 2, int(zone));
    return mix(texelFetch(from, ivec2(ZONE + low, row), 0), texelFetch(from, ivec2(ZONE + low + 1, row), 0), zone - float(low));
}
void main() {
    int row = int(label + 0.5);
    vec4 head = texelFetch(table, ivec2(0, row), 0);
    ivec2 counts = max(ivec2(1), ivec2(head.rg + 0.5));
    vec4 place = modelViewMatrix * vec4(position, 1.0);
    vec4 zones = told(table, row);
    vNormal = normalMatrix * normal;
    vEye = -place.xyz;
    vLabel = row;
    vNobody = head.a < 0.5 ? 1 : 0;
    vOpen = relief.y;
    vSkin = vec4(head.b, zones.r, zones.g, mark);
    vPaint = painted(table, row, counts, 0);
#ifdef BROKEN
    vPlace = position;
    vFlecks = vec4(painted(table, row, counts, 2).rgb, zones.b);
#endif
#ifdef COMPARES
    ivec2 others = max(ivec2(1), ivec2(texelFetch(other, ivec2(0, row), 0).rg + 0.5));
    vOther = painted(other, row, others, 0);
#ifdef BROKEN
    vOtherFlecks = vec4(painted(other, row, others, 2).rgb, told(other, row).b);
#endif
#endif
    gl_Position = projectionMatrix * place;
}`;

/** The even lamp shows a skin that faces the eye exactly as the strip does. */
export const FRAGMENT = /* glsl */ `
precision highp float;
precision highp int;
precision highp sampler2D;
uniform sampler2D table;
uniform sampler2D other;
uniform float wiper;
uniform float width;
uniform int lamp;
uniform bool squints;
uniform bool lights;
uniform int chosen;
uniform bool stripes;
uniform bool flatPicture;
uniform float dim;
in vec3 vNormal;
in vec3 vEye;
in vec4 vPaint;
in vec4 vSkin;
in float vOpen;
#ifdef BROKEN
in vec4 vFlecks;
in vec3 vPlace;
#endif
#ifdef COMPARES
in vec4 vOther;
#ifdef BROKEN
in vec4 vOtherFlecks;
#endif
#endif
flat in int vLabel;
flat in int vNobody;
out vec4 seen;

const vec3 GREY = vec3(0.2126, 0.7152, 0.0722);
const int ZONE = ${TABLE.ZONE};
const int MARK = ${TABLE.MARK};
const int MARKS = ${TABLE.MARKS};

#ifdef BROKEN
// How flecks lie follows from the place alone, as in core/Relief/Grain, which says the same in PHP.
float corner(ivec3 at) {
    uint hash = uint(at.x) * 0x8DA6B343u ^ uint(at.y) * 0xD8163841u ^ uint(at.z) * 0xCB1AB31Fu;
    hash = (hash ^ hash >> 13) * 0x5BD1E995u;
    return float((hash ^ hash >> 15) & 0xFFFFu) / 65535.0;
}
float noise(vec3 at) {
    ivec3 low = ivec3(floor(at));
    vec3 part = fract(at);
    part = part * part * (3.0 - 2.0 * part);
    vec4 near = vec4(corner(low), corner(low + ivec3(0, 1, 0)), corner(low + ivec3(0, 0, 1)), corner(low + ivec3(0, 1, 1)));
    vec4 next = vec4(corner(low + ivec3(1, 0, 0)), corner(low + ivec3(1, 1, 0)), corner(low + ivec3(1, 0, 1)), corner(low + ivec3(1, 1, 1)));
    vec4 across = mix(near, next, part.x);
    vec2 up = mix(across.xz, across.yw, part.y);
    return mix(up.x, up.y, part.z);
}
float grain(bool runs) {
    vec3 at = vPlace / (runs ? vec3(0.5, 5.0, 0.5) : vec3(0.8));
    float off = 0.62 * noise(at) + 0.38 * noise(2.1 * at + 17.0) - 0.5;
    float square = off * off;
    return 1.0 / (1.0 + exp(-off * (11.25 + square * (37.0 + square * 100.0))));
}
// From near a skin is ground, flecks and marks; from far away, where flecks are smaller than points, what all of it together is.
vec4 piece(sampler2D from, vec4 ground, vec4 flecks) {
    if (flecks.a > 0.0) {
        float value = grain(texelFetch(from, ivec2(ZONE, vLabel), 0).a > 0.5);
        float blurred = clamp(0.5 * fwidth(value), 0.0005, 0.5);
        ground.rgb = mix(ground.rgb, flecks.rgb, blurred > 0.35 ? flecks.a : smoothstep(-blurred, blurred, flecks.a - value));
    }
    float soft = max(0.0005, 0.7 * fwidth(vSkin.w));
    for (int at = 0; at < MARKS; at++) {
        vec4 mark = texelFetch(from, ivec2(MARK + at, vLabel), 0);
        if (mark.a > 0.0) ground.rgb = mix(ground.rgb, mark.rgb, smoothstep(-soft, soft, mark.a - vSkin.w));
    }
    return ground;
}
#endif

vec3 encoded(vec3 c) { c = clamp(c, 0.0, 1.0); return mix(c * 12.92, 1.055 * pow(c, vec3(1.0 / 2.4)) - 0.055, step(0.0031308, c)); }

vec3 lit(vec4 paint, vec3 normal, vec3 eye) {
    float facing = max(0.0, dot(normal, eye));
    // A picture has its own light: what is painted on it is seen as the strip shows it, and the rest as it was taken.
    float open = flatPicture ? 1.0 : vOpen;
    if (vNobody == 1 && flatPicture) return vec3(0.85 * pow((100.0 * vOpen + 16.0) / 116.0, 3.0));
    if (vNobody == 1) {
        // In no area: bare, and striped so that one sees it is nobody's.
        float stripe = stripes ? step(0.5, fract((gl_FragCoord.x + gl_FragCoord.y) / 9.0)) : 0.5;
        return vec3(stripes ? mix(0.2, 0.29, stripe) : 0.45) * (0.3 + 0.7 * facing) * (0.6 + 0.4 * open);
    }
    if (lights) {
        // All else is grey; of the area itself one sees where it is, and what the step lands on glows.
        float within = texelFetch(table, ivec2(ZONE + 1, vLabel), 0).a;
        float landing = within < 1.0 ? step(vSkin.w, within) : vSkin.y;
        vec3 quiet = vec3(0.05 + 0.3 * dot(paint.rgb, GREY));
        paint = vec4(mix(quiet, mix(quiet + 0.4 * paint.rgb + 0.06, vec3(0.95, 0.86, 0.58), 0.15 + 0.8 * smoothstep(0.15, 0.85, landing)), vSkin.z), 0.0);
    }
    vec3 colour = paint.rgb;
    vec3 mirrored = reflect(-eye, normal);
    if (lamp == 0) {
        colour *= (0.74 + 0.26 * smoothstep(0.0, 0.75, facing)) * mix(0.62, 1.0, smoothstep(0.1, 0.72, open));
        // A metal throws the light above it back, and what is dark around it.
        colour *= mix(1.0, 0.72 + 0.75 * smoothstep(-0.2, 0.9, mirrored.y), paint.a);
        colour += vSkin.x * 0.22 * pow(max(0.0, dot(mirrored, vec3(-0.252, 0.756, 0.604))), 24.0);
        return colour;
    }
    vec3 from = lamp == 1 ? vec3(-0.62, 0.55, 0.56) : vec3(0.0, 1.0, 0.0);
    float key = lamp == 1 ? max(0.0, dot(normal, from)) : 0.5 + 0.5 * dot(normal, from);
    float shade = mix(0.35, 1.0, open);
    colour *= lamp == 1 ? (0.31 + 0.09 * normal.y) * shade + 1.05 * key * mix(0.55, 1.0, open) : (0.25 + 0.95 * key) * shade;
    colour *= mix(1.0, 0.5 + 1.3 * smoothstep(0.1, 0.95, dot(mirrored, from)), paint.a);
    return colour + (vSkin.x * 0.5 + paint.a * 0.25 * paint.rgb) * pow(max(0.0, dot(mirrored, from)), 20.0);
}

void main() {
    vec3 normal = normalize(vNormal);
    if (!gl_FrontFacing) normal = -normal;
    vec4 paint = vPaint;
#ifdef BROKEN
    paint = piece(table, vPaint, vFlecks);
#endif
#ifdef COMPARES
    if (gl_FragCoord.x < wiper * width) {
        paint = vOther;
#ifdef BROKEN
        paint = piece(other, vOther, vOtherFlecks);
#endif
    }
#endif
    vec3 colour = lit(paint, normal, normalize(vEye));
    float grey = dot(colour, GREY);
    if (squints) colour = vec3(grey);
    if (chosen >= 0 && vLabel != chosen) colour = mix(colour, vec3(grey * 0.35 + 0.07), dim);
    seen = vec4(encoded(colour), 1.0);
}`;
