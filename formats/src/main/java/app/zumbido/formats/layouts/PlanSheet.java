package app.zumbido.formats.layouts;

import app.zumbido.core.brand.ThemedInks;
import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.LogoChoice;
import app.zumbido.formats.delivery.LogoPicture;
import app.zumbido.formats.layouts.LayoutPlan.Anchor;
import app.zumbido.formats.layouts.LayoutPlan.Area;
import app.zumbido.formats.layouts.LayoutPlan.Holder;
import app.zumbido.formats.layouts.LayoutPlan.Item;
import app.zumbido.formats.layouts.LayoutPlan.Kind;
import app.zumbido.formats.layouts.LayoutPlan.Logo;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** A layout that is being planned, and what is written on its ground. */
final class PlanSheet {
    private final ThemedLook look;
    private final Grid grid;
    private final Assets assets;
    private final List<Item> items = new ArrayList<>();
    private final SlotColor ground;
    private final ThemedInks inks;
    private final PageGround mapped;
    private Optional<Fill> background = Optional.empty();
    private boolean alone;

    PlanSheet(ThemedLook look, Grid grid, Assets assets, SlotColor ground, PageGround mapped) {
        this.look = look;
        this.grid = grid;
        this.assets = assets;
        this.ground = ground;
        this.inks = look.inks(ground);
        this.mapped = mapped;
    }

    /** On another ground than the master's pages, the logo is put on anew. */
    PlanSheet standsOn(Fill fill) {
        background = Optional.of(fill);
        alone = true;
        return this;
    }

    /** Nothing of the master is shown on it. */
    void standsAlone() {
        alone = true;
    }

    ThemedInks inks() {
        return inks;
    }

    List<Item> items() {
        return List.copyOf(items);
    }

    void add(Item item) {
        items.add(item);
    }

    void area(String name, Box box, Fill fill) {
        items.add(new Area(name, box, fill));
    }

    void logo(LogoChoice choice, Rgb under, Function<LogoPicture, Box> place) {
        choice.on(under, assets)
                .ifPresent(
                        logo -> items.add(new Logo(place.apply(logo.picture()), logo.form(), under, logo.picture())));
    }

    void symbol(Grid at) {
        logo(LogoChoice.SYMBOL, ground.in(look.colors()), logo -> at.logo(logo.ratio()));
    }

    void wholeLogo(Box field, Rgb under) {
        logo(LogoChoice.WHOLE, under, logo -> field.fitting(logo.ratio(), false));
    }

    void title(Box box, Anchor anchor, double times, SlotColor color) {
        items.add(Holder.of(
                Kind.TITLE, LayoutPlans.TITLE, "Title", box, anchor, TextLook.plain(TypeRole.HEADING, times, color)));
    }

    /** The title of most layouts, with a rule beneath. */
    void usualTitle() {
        area("Rule", grid.rule(), Fill.of(inks.accent()));
        title(grid.title(), Anchor.BOTTOM, 1, inks.heading());
    }

    void subheading(int index, Box box) {
        text("Subheading", index, box, Anchor.BOTTOM, TextLook.plain(TypeRole.SUBHEADING, 1, inks.subheading()));
    }

    void text(String prompt, int index, Box box, Anchor anchor, TextLook text) {
        items.add(Holder.of(Kind.TEXT, index, prompt, box, anchor, text));
    }

    void list(Kind kind, int index, Box box) {
        items.add(Holder.of(kind, index, "Text", box, Anchor.TOP, TextLook.list(inks.text(), inks.accent()))
                .prompting("Text", "Second level", "Third level"));
    }

    void place(Kind kind, String name, Box box) {
        items.add(Holder.of(
                kind,
                LayoutPlans.BODY,
                name,
                box,
                Anchor.TOP,
                TextLook.plain(TypeRole.BODY, LayoutPlans.SMALL, inks.quiet())));
    }

    void foot(Grid at) {
        foot(at.number(), at.footer(), at.date());
    }

    void foot(Box number, Box footer, Box date) {
        TextLook small = TextLook.plain(TypeRole.BODY, LayoutPlans.SMALL, inks.quiet());
        items.add(Holder.of(Kind.DATE, LayoutPlans.DATE, "Date", date, Anchor.MIDDLE, small.endingRight())
                .prompting());
        items.add(Holder.of(Kind.FOOTER, LayoutPlans.FOOTER, "Footer", footer, Anchor.MIDDLE, small)
                .prompting());
        items.add(Holder.of(Kind.NUMBER, LayoutPlans.NUMBER, "Slide number", number, Anchor.MIDDLE, small)
                .prompting());
    }

    LayoutPlan as(SlideLayout layout) {
        return new LayoutPlan(layout, background, alone, mapped, items);
    }
}
