/** Values and rules of the job. Requires nothing but java.base, so that no interface code can creep in. */
module app.zumbido.core {
    requires static org.jspecify;

    exports app.zumbido.core.brand;
    exports app.zumbido.core.brand.guide;
    exports app.zumbido.core.color;
    exports app.zumbido.core.contrast;
    exports app.zumbido.core.extraction;
    exports app.zumbido.core.guide;
    exports app.zumbido.core.guide.layout;
    exports app.zumbido.core.image;
    exports app.zumbido.core.inspect;
    exports app.zumbido.core.inspect.check;
    exports app.zumbido.core.inspect.dress;
    exports app.zumbido.core.logos;
    exports app.zumbido.core.palette;
    exports app.zumbido.core.recolor;
    exports app.zumbido.core.roles;
    exports app.zumbido.core.theme;
    exports app.zumbido.core.type;
    exports app.zumbido.core.type.match;
}
