package app.zumbido.formats.parcel;

import app.zumbido.formats.css.CssProperties;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.guide.GuideHtml;
import app.zumbido.formats.guide.GuideJpeg;
import app.zumbido.formats.guide.GuidePdf;
import app.zumbido.formats.guide.GuidePng;
import app.zumbido.formats.guide.GuidePress;
import app.zumbido.formats.layouts.SlideSize;
import app.zumbido.formats.logos.IconSet;
import app.zumbido.formats.logos.LogoFolder;
import app.zumbido.formats.odf.OpenPresentation;
import app.zumbido.formats.odf.OpenSheet;
import app.zumbido.formats.odf.OpenText;
import app.zumbido.formats.office.ThemeAlone;
import app.zumbido.formats.office.pages.DocumentKind;
import app.zumbido.formats.office.sheets.WorkbookTemplate;
import app.zumbido.formats.office.slides.GuideDeck;
import app.zumbido.formats.office.slides.PresentationTemplate;
import app.zumbido.formats.office.slides.SpecimenDeck;
import app.zumbido.formats.parcel.Item.Audience;
import app.zumbido.formats.parcel.Item.Entry;
import app.zumbido.formats.swatches.Backgrounds;
import app.zumbido.formats.swatches.MailSnippet;
import app.zumbido.formats.swatches.SwatchSheet;
import app.zumbido.formats.text.CodeSheet;
import app.zumbido.formats.text.CodeTable;
import app.zumbido.formats.tokens.DesignTokens;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Everything that can be handed over; what is not in it, nobody can ask for. */
public final class Catalogue {
    /** The item that is made in every theme of a brand. */
    static final String TEMPLATE = "presentation";

    public static final List<Item> ITEMS = List.of(
            new Item(
                    "guide",
                    Audience.PEOPLE,
                    "guide",
                    "Style guide",
                    "The one thing to send to whoever helps: for the screen, for the press (prepared as PDF/X-4), on one page, as "
                            + "a page for the web, as slides and as a picture.",
                    true,
                    List.of(
                            new Entry(new GuidePdf(false), "for the screen"),
                            new Entry(new GuidePress(), "for the press"),
                            new Entry(new GuidePdf(true), "one page"),
                            new Entry(new GuideHtml(), "page for the web"),
                            new Entry(new GuideDeck(), "slides"),
                            new Entry(new GuidePng(), "PNG"))),
            new Item(
                    "guide-jpeg",
                    Audience.PEOPLE,
                    "guide",
                    "Style guide as JPEG",
                    "For places that take nothing else; its colours may be off by one in each channel, which is how JPEG is made.",
                    false,
                    List.of(new Entry(new GuideJpeg(), "JPEG"))),
            new Item(
                    TEMPLATE,
                    Audience.OFFICE,
                    "slides",
                    "Presentation template",
                    "Everything new begins with twelve layouts, your colours, letters and logo. Open it, or save it as the "
                            + "standard template of your presentation program. Take the size that your slides have: the other "
                            + "one would stretch pictures.",
                    true,
                    List.of(
                            new Entry(new PresentationTemplate(SlideSize.WIDE), "16:9"),
                            new Entry(new PresentationTemplate(SlideSize.STANDARD), "4:3"))),
            new Item(
                    "specimen-slides",
                    Audience.OFFICE,
                    "slides",
                    "Slides to look at",
                    "One slide for every layout, with text, a chart and a table in it: show it to whoever will use the template.",
                    true,
                    List.of(
                            new Entry(new SpecimenDeck(SlideSize.WIDE), "16:9"),
                            new Entry(new SpecimenDeck(SlideSize.STANDARD), "4:3"))),
            new Item(
                    "documents",
                    Audience.OFFICE,
                    "documents",
                    "Letter and report",
                    "Headings, text, lists, tables and links are set; the logo stands in the head. Open the template for a new "
                            + "document; letter, report and newsletter are made of it and want to be written over.",
                    true,
                    List.of(
                            new Entry(DocumentKind.TEMPLATE, "template"),
                            new Entry(DocumentKind.LETTER, "letter"),
                            new Entry(DocumentKind.REPORT, "report"),
                            new Entry(DocumentKind.NEWSLETTER, "newsletter"))),
            new Item(
                    "workbook",
                    Audience.OFFICE,
                    "workbooks",
                    "Workbook",
                    "Cell styles, a table and a chart in your order of colours. New workbooks begin on its empty first sheet.",
                    true,
                    List.of(new Entry(new WorkbookTemplate(), "template"))),
            new Item(
                    "theme",
                    Audience.OFFICE,
                    "theme-alone",
                    "The theme alone",
                    "Load it into a presentation, letter or sheet that you already have: colours and fonts change, everything "
                            + "else stays. The text beside it says how.",
                    true,
                    List.of(new Entry(new ThemeAlone(), "theme"))),
            new Item(
                    "opendocument",
                    Audience.OFFICE,
                    "opendocument",
                    "OpenDocument templates",
                    "The same for programs that work with OpenDocument. Its styles hold the colours as codes, since the standard "
                            + "has no themes; gradients have two colours there, and the sheet has no chart.",
                    false,
                    List.of(
                            new Entry(new OpenPresentation(), "slides"),
                            new Entry(new OpenText(), "text"),
                            new Entry(new OpenSheet(), "sheet"))),
            new Item(
                    "codes",
                    Audience.SITES,
                    "codes",
                    "Codes",
                    "Paste them wherever a colour is asked for. Put the stylesheet before all others, and write var(--name) "
                            + "instead of a code; take the tokens where apps are built, the lines for mail where mails are written.",
                    true,
                    List.of(
                            new Entry(new CssProperties(), "CSS"),
                            new Entry(new DesignTokens(), "tokens"),
                            new Entry(new CodeTable(), "table"),
                            new Entry(new CodeSheet(), "text"),
                            new Entry(new MailSnippet(), "for mail"))),
            new Item(
                    "swatches",
                    Audience.SITES,
                    "swatches",
                    "Sheets of swatches",
                    "Pictures of the palette: put one on a page and take colours from it with whatever takes colours from pictures. "
                            + "The drawing is plain SVG 2, which drawing and layout programs open.",
                    true,
                    List.of(
                            new Entry(SwatchSheet.drawing(false), "drawing"),
                            new Entry(SwatchSheet.drawing(true), "drawing in one row"),
                            new Entry(SwatchSheet.picture(false), "picture"),
                            new Entry(SwatchSheet.picture(true), "picture in one row"))),
            new Item(
                    "backgrounds",
                    Audience.SITES,
                    "backgrounds",
                    "Backgrounds",
                    "Gradients and what is laid over them, to lie under text: as rules for a site, as drawings and as pictures.",
                    true,
                    List.of(new Entry(new Backgrounds(), "backgrounds"))),
            new Item(
                    "logos",
                    Audience.SITES,
                    "logos",
                    "Logos",
                    "Each form for light and dark grounds and in one colour, as drawing and as pictures. Send the one that the "
                            + "other side asks for, never all.",
                    true,
                    List.of(new Entry(new LogoFolder(), "logos"))),
            new Item(
                    "icons",
                    Audience.SITES,
                    "icons",
                    "Icon set",
                    "For whoever keeps the website: put the files at the root of the site, and the lines of head.html into the "
                            + "head of every page.",
                    true,
                    List.of(new Entry(new IconSet(), "icons"))));

    private Catalogue() {}

    public static Stream<DeliveryWriter> writers() {
        return ITEMS.stream().flatMap(item -> item.files().stream()).map(Entry::writer);
    }

    public static Optional<DeliveryWriter> ofKind(String kind) {
        return writers().filter(writer -> writer.kind().equals(kind)).findFirst();
    }
}
