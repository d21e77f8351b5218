package app.zumbido.core.brand.guide;

import app.zumbido.core.brand.Look;
import app.zumbido.core.guide.Chapter;
import app.zumbido.core.guide.Content;
import app.zumbido.core.guide.GuideFacts;
import app.zumbido.core.guide.GuideSection;
import app.zumbido.core.guide.SectionKind;
import app.zumbido.core.guide.layout.Inks;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What a brand says in its guide.
 *
 * @param title what the guide is called
 * @param sections what each has to say, or what it lacks
 * @param design of the guide, in its order
 * @param inks that its pages are written in
 */
public record GuideContent(
        String title, Map<SectionKind, Content> sections, List<GuideSection> design, Inks inks, String footer) {
    public GuideContent {
        sections = Collections.unmodifiableMap(new EnumMap<>(sections));
        design = List.copyOf(design);
    }

    public static GuideContent of(Look look, GuideFacts facts) {
        GuideLook paper = new GuideLook(look);
        ColorSections colors = new ColorSections(paper, facts);
        RuleSections rules = new RuleSections(paper, facts);
        LogoSections logos = new LogoSections(paper, facts);
        PlaceSections places = new PlaceSections(paper, facts);
        Map<SectionKind, Content> sections = new EnumMap<>(SectionKind.class);
        for (SectionKind kind : SectionKind.values()) {
            sections.put(
                    kind,
                    switch (kind) {
                        case TITLE -> places.title(logos, colors.portions());
                        case LOGOS -> logos.logos();
                        case DO_NOTS -> rules.doNots();
                        case COLORS -> colors.colors();
                        case CODES -> colors.codes();
                        case TINTS -> colors.tints();
                        case ROLES -> colors.roles();
                        case STANDINGS -> rules.standings();
                        case SHARES -> colors.shares();
                        case CHARTS -> rules.charts();
                        case GROUNDS -> rules.composed();
                        case LETTERS -> new LetterSection(paper, facts).letters();
                        case MOOD -> places.mood();
                        case VOICE -> places.voice();
                        case ELEMENTS -> logos.elements();
                        case SITE -> places.site();
                        case SLOTS -> colors.slots();
                        case FILES -> places.files();
                        case CONTACT -> places.contact();
                    });
        }
        String title = look.brand().guide().get(SectionKind.TITLE).heading();
        return new GuideContent(
                title,
                sections,
                look.brand().guide().sections(),
                paper.inks(),
                look.brand().name() + ", " + title.toLowerCase(Locale.ROOT));
    }

    /** @return what is shown and has something to say, in its order */
    public List<Chapter> chapters() {
        return design.stream()
                .filter(GuideSection::shown)
                .filter(section -> sections.get(section.kind()) instanceof Content.Filled)
                .map(section -> new Chapter(section, ((Content.Filled) sections.get(section.kind())).blocks()))
                .toList();
    }
}
