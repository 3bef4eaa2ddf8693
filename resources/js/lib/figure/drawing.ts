let known: 'none' | 'processor' | 'card' | null = null;

/** What draws figures here: a graphics card, the processor in its place, or nothing. Asked once: a browser gives out only so many places to draw in. */
export function drawnBy(): 'none' | 'processor' | 'card' {
    known ??= look();
    return known;
}

function look(): 'none' | 'processor' | 'card' {
    try {
        const gl = document.createElement('canvas').getContext('webgl2');
        if (gl === null) return 'none';
        const info = gl.getExtension('WEBGL_debug_renderer_info');
        const name = info === null ? '' : String(gl.getParameter(info.UNMASKED_RENDERER_WEBGL));
        return /swiftshader|llvmpipe|software/i.test(name) ? 'processor' : 'card';
    } catch {
        return 'none';
    }
}
