import { TABLE } from './colours';

/**
 * Looks the colour of each corner up: between the two zones it lies between, and between the shares of spray it lies between. Mixed as light, in linear
 * sRGB. A figure has more corners than one tells apart, so that the points between may lie between their colours.
 */
export const VERTEX = /* glsl */ `
precision highp float;
precision highp int;
precision highp sampler2D;
uniform sampler2D table;
uniform sampler2D other;
uniform bool compares;
uniform bool sided;
in vec4 relief;
in float label;
out vec3 vNormal;
out vec3 vEye;
out vec4 vPaint;
out vec4 vOther;
out vec3 vSkin;
out float vOpen;
flat out int vLabel;
flat out int vNobody;

const int ZONES = ${TABLE.ZONES};
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
vec4 painted(sampler2D from, int row, ivec2 counts) {
    vec4 left = exposed(from, row, counts, 0);
    return sided ? mix(exposed(from, row, counts, 1), left, smoothstep(-0.35, 0.35, normal.x)) : left;
}
void main() {
    int row = int(label + 0.5);
    vec4 head = texelFetch(table, ivec2(0, row), 0);
    ivec2 counts = max(ivec2(1), ivec2(head.rg + 0.5));
    vec4 place = modelViewMatrix * vec4(position, 1.0);
    float zone = relief.x * float(ZONES - 1);
    int low = min(ZONES - 2, int(zone));
    vNormal = normalMatrix * normal;
    vEye = -place.xyz;
    vLabel = row;
    vNobody = head.a < 0.5 ? 1 : 0;
    vOpen = relief.y;
    vSkin = vec3(head.b, mix(texelFetch(table, ivec2(1 + low, row), 0).r, texelFetch(table, ivec2(2 + low, row), 0).r, zone - float(low)), texelFetch(table, ivec2(1, row), 0).g);
    vPaint = painted(table, row, counts);
    if (compares) {
        vec4 told = texelFetch(other, ivec2(0, row), 0);
        vOther = painted(other, row, max(ivec2(1), ivec2(told.rg + 0.5)));
    } else vOther = vPaint;
    gl_Position = projectionMatrix * place;
}`;

/** The even lamp shows a skin that faces the eye exactly as the strip does. */
export const FRAGMENT = /* glsl */ `
precision highp float;
precision highp int;
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
in vec4 vOther;
in vec3 vSkin;
in float vOpen;
flat in int vLabel;
flat in int vNobody;
out vec4 seen;

const vec3 GREY = vec3(0.2126, 0.7152, 0.0722);

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
        vec3 quiet = vec3(0.05 + 0.3 * dot(paint.rgb, GREY));
        paint = vec4(mix(quiet, mix(quiet + 0.4 * paint.rgb + 0.06, vec3(0.95, 0.86, 0.58), 0.15 + 0.8 * smoothstep(0.15, 0.85, vSkin.y)), vSkin.z), 0.0);
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
    vec3 colour = lit(gl_FragCoord.x < wiper * width ? vOther : vPaint, normal, normalize(vEye));
    float grey = dot(colour, GREY);
    if (squints) colour = vec3(grey);
    if (chosen >= 0 && vLabel != chosen) colour = mix(colour, vec3(grey * 0.35 + 0.07), dim);
    seen = vec4(encoded(colour), 1.0);
}`;
