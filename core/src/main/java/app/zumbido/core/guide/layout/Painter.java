package app.zumbido.core.guide.layout;

/** Draws marks, one way for each kind of output. */
public interface Painter {
    void words(Mark.Words words);

    void fill(Mark.Fill fill);

    void outline(Mark.Outline outline);

    void line(Mark.Line line);

    void ramp(Mark.Ramp ramp);

    void picture(Mark.Picture picture);

    void logo(Mark.LogoMark logo);
}
