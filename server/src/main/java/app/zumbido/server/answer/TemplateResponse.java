package app.zumbido.server.answer;

import app.zumbido.core.brand.TemplateDesign;
import app.zumbido.core.logos.Corner;

/**
 * What is chosen about the presentation template.
 *
 * @param title what the title slide is made of
 * @param bullets what leads a point of a list
 * @param corner where the small logo stands on every slide
 * @param together whether the other themes come in the same file, each as a master of its own
 */
record TemplateResponse(
        TemplateDesign.TitleShape title, TemplateDesign.BulletKind bullets, Corner corner, boolean together) {
    static TemplateResponse of(TemplateDesign design) {
        return new TemplateResponse(design.title(), design.bullets(), design.corner(), design.together());
    }
}
