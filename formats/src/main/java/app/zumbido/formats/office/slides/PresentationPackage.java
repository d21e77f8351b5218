package app.zumbido.formats.office.slides;

import app.zumbido.core.brand.ThemedLook;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.layouts.LayoutPlan.Holder;
import app.zumbido.formats.layouts.LayoutPlan.Kind;
import app.zumbido.formats.layouts.LayoutPlans;
import app.zumbido.formats.layouts.SlideLayout;
import app.zumbido.formats.layouts.SlideSize;
import app.zumbido.formats.office.OfficeZip;
import app.zumbido.formats.office.ThemeXml;
import java.util.ArrayList;
import java.util.List;

/** Masters with their themes and layouts, and the slides that stand on them. Source: ECMA-376 Part 1, 13.3. */
final class PresentationPackage {
    static final String TEMPLATE = "presentationml.template.main+xml";
    static final String PRESENTATION = "presentationml.presentation.main+xml";

    private static final String MAIN = "/ppt/presentation.xml";
    /** Ids of masters and layouts share one space that begins here: ECMA-376 Part 1, 19.7.6 and 19.7.7. */
    private static final long FIRST_MASTER_ID = 2_147_483_648L;
    /** Ids of slides begin here: ECMA-376 Part 1, 19.7.13. */
    private static final long FIRST_SLIDE_ID = 256;

    private final OfficeZip zip = new OfficeZip();
    private final SlideSize size;
    private final SlideMedia media = new SlideMedia(zip);
    private final String type;
    private final StringBuilder masters = new StringBuilder();
    private final StringBuilder slides = new StringBuilder();
    private final List<String> layouts = new ArrayList<>();
    private long nextId = FIRST_MASTER_ID;
    private int slideCount;

    PresentationPackage(SlideSize size, String type) {
        this.size = size;
        zip.link(OfficeZip.ROOT, "officeDocument", MAIN);
        this.type = type;
    }

    OfficeZip zip() {
        return zip;
    }

    void addMaster(ThemedLook look, Assets assets) {
        int number = layouts.size() / SlideLayout.values().length + 1;
        String part = "/ppt/slideMasters/slideMaster" + number + ".xml";
        String theme = "/ppt/theme/theme" + number + ".xml";
        LayoutPlans plans = new LayoutPlans(look, size, assets);
        LayoutXml writer = new LayoutXml(look, media);
        masters.append(
                "<p:sldMasterId id=\"%d\" r:id=\"%s\"/>".formatted(nextId++, zip.link(MAIN, "slideMaster", part)));
        StringBuilder entries = new StringBuilder();
        for (SlideLayout layout : SlideLayout.values()) {
            String name = "/ppt/slideLayouts/slideLayout" + (layouts.size() + 1) + ".xml";
            layouts.add(name);
            zip.link(name, "slideMaster", part);
            zip.put(name, "presentationml.slideLayout+xml", writer.layout(plans.of(layout), name));
            entries.append(
                    "<p:sldLayoutId id=\"%d\" r:id=\"%s\"/>".formatted(nextId++, zip.link(part, "slideLayout", name)));
        }
        zip.link(part, "theme", theme);
        zip.put(theme, ThemeXml.TYPE, ThemeXml.of(look, assets));
        zip.put(
                part,
                "presentationml.slideMaster+xml",
                MasterPart.xml(look, writer, plans.master(), part, entries.toString()));
        if (number == 1) {
            zip.link(MAIN, "theme", theme);
            zip.link(MAIN, "tableStyles", "/ppt/tableStyles.xml");
            zip.put("/ppt/tableStyles.xml", "presentationml.tableStyles+xml", TableStyle.xml(look));
        }
    }

    /** @return the title of a title slide, small enough to stay in its frame */
    Placeholder brandName(ThemedLook look, Assets assets) {
        String name = look.look().brand().name();
        Placeholder title = Placeholder.of("Title", "ctrTitle", LayoutPlans.TITLE, name);
        return new LayoutPlans(look, size, assets)
                .of(SlideLayout.TITLE).items().stream()
                        .filter(Holder.class::isInstance)
                        .map(Holder.class::cast)
                        .filter(holder -> holder.kind() == Kind.CENTERED_TITLE)
                        .findFirst()
                        .map(holder -> title.fitting(name, holder.box(), points(holder, look)))
                        .orElse(title);
    }

    private static double points(Holder holder, ThemedLook look) {
        return look.look().brand().type().get(holder.text().role()).sizes().slides()
                * holder.text().times();
    }

    /** @return the name that the next slide will have, so that it can be linked to what it shows */
    String nextSlide() {
        return "/ppt/slides/slide" + (slideCount + 1) + ".xml";
    }

    /** A slide of the first master. */
    void addSlide(SlideLayout layout, Shapes shapes) {
        String name = nextSlide();
        slideCount++;
        zip.link(name, "slideLayout", layouts.get(layout.ordinal()));
        zip.put(name, "presentationml.slide+xml", Xml.HEAD + """
                <p:sld %s><p:cSld>%s</p:cSld>\
                <p:clrMapOvr><a:masterClrMapping/></p:clrMapOvr></p:sld>""".formatted(LayoutXml.NAMESPACES, shapes.xml()));
        slides.append("<p:sldId id=\"%d\" r:id=\"%s\"/>"
                .formatted(FIRST_SLIDE_ID + slideCount - 1, zip.link(MAIN, "slide", name)));
    }

    /** To be called when all masters and slides are in. */
    OfficeZip finished() {
        zip.put(MAIN, type, Xml.HEAD + """
                <p:presentation %s saveSubsetFonts="1">\
                <p:sldMasterIdLst>%s</p:sldMasterIdLst><p:sldIdLst>%s</p:sldIdLst>%s<p:notesSz cx="6858000" cy="9144000"/>\
                </p:presentation>""".formatted(LayoutXml.NAMESPACES, masters, slides, sizeXml()));
        return zip;
    }

    /** Source: ECMA-376 Part 1, 19.2.1.39. */
    private String sizeXml() {
        return "<p:sldSz cx=\"%d\" cy=\"%d\"%s/>"
                .formatted(size.width(), SlideSize.HEIGHT, size == SlideSize.STANDARD ? " type=\"screen4x3\"" : "");
    }
}
