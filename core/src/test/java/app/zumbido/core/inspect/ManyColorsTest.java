package app.zumbido.core.inspect;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.inspect.check.Check;
import app.zumbido.core.inspect.check.Fault;
import app.zumbido.core.inspect.check.FaultKind;
import app.zumbido.core.inspect.check.Logos;
import app.zumbido.core.inspect.check.Mending;
import app.zumbido.core.inspect.dress.DressLine;
import app.zumbido.core.inspect.dress.DressReason;
import app.zumbido.core.inspect.dress.DressTable;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.ThemeSlot;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** A file in which everything has a colour of its own, as nobody makes it who does not want to hold others up. */
@Timeout(30)
class ManyColorsTest {
    private static final Rgb NAVY = Rgb.ofHex("0B2A4A");
    private static final Rgb ORANGE = Rgb.ofHex("F2682A");

    private static House house() {
        Map<ThemeSlot, Rgb> slots = new EnumMap<>(ThemeSlot.class);
        for (ThemeSlot slot : ThemeSlot.values()) {
            slots.put(slot, ThemeSlot.ACCENTS.contains(slot) ? ORANGE : NAVY);
        }
        slots.put(ThemeSlot.LIGHT_1, Rgb.WHITE);
        slots.put(ThemeSlot.LIGHT_2, Rgb.WHITE);
        House.Jobs jobs = new House.Jobs(
                Optional.of(NAVY),
                List.of(),
                Optional.of(ORANGE),
                List.of(NAVY),
                Optional.empty(),
                Optional.of(NAVY),
                Optional.empty(),
                Optional.empty(),
                List.of());
        House.Letters letters = new House.Letters(Set.of(), Set.of(), "Lora", "Lora", 28, 14);
        return new House(
                slots,
                PageGround.LIGHT,
                List.of(new House.Swatch("Night channel", NAVY), new House.Swatch("Buoy orange", ORANGE)),
                Map.of(),
                Set.of(),
                Set.of(),
                jobs,
                letters,
                WcagLevel.AA,
                false);
    }

    private static Findings findings(List<Use> uses) {
        return new Findings(
                "pptx", house().slots(), List.of(FoundPage.alone(1, "slide.xml")), uses, List.of(), List.of());
    }

    private static Use use(int i, Purpose purpose, Rgb color, Rgb ground) {
        return new Use(
                Place.on(1, "slide.xml", "Thing " + i),
                purpose,
                color,
                new Setting.ByHand(Optional.of(new Spot("slide.xml", 10 * i, 10 * i + 6))),
                Standing.of(List.of(ground)),
                Optional.empty());
    }

    /** Every fault is told, but not for each is a colour looked for. */
    @Test
    void thousandsOfTextsThatCannotBeReadAreToldAndSomeAreOfferedAColor() {
        List<Use> uses = new ArrayList<>();
        for (int i = 0; i < 4_000; i++) {
            Rgb ground = new Rgb(200 + i % 50, 200 + i / 50 % 50, 200 + i / 2500);
            uses.add(use(i, Purpose.BODY, new Rgb(190 + i % 50, 190 + i / 50 % 50, 190), ground));
        }
        List<Fault> unread = Check.of(findings(uses), house(), Logos.NONE).stream()
                .filter(fault -> fault.kind() == FaultKind.CONTRAST)
                .toList();
        assertThat(unread).hasSizeGreaterThan(1_000);
        long offered = unread.stream()
                .filter(fault ->
                        fault.mendings().stream().anyMatch(mending -> mending.kind() == Mending.Kind.UNTIL_READ))
                .count();
        assertThat(offered).isBetween(1L, 500L);
    }

    /** The most used colourful shape becomes the main colour, whatever comes after it. */
    @Test
    void thousandsOfColorsAreLaidBesideEachOtherOnce() {
        List<Use> uses = new ArrayList<>();
        Rgb most = Rgb.ofHex("00AA44");
        uses.add(use(0, Purpose.SHAPE_FILL, most, Rgb.WHITE));
        for (int i = 0; i < 8_000; i++) {
            uses.add(use(i, Purpose.SHAPE_FILL, new Rgb(i % 256, i / 256, 200), Rgb.WHITE));
        }
        uses.add(use(1, Purpose.SHAPE_FILL, most, Rgb.WHITE));
        List<DressLine> lines = DressTable.of(findings(uses), house(), Map.of());
        assertThat(lines).hasSize(8_001);
        assertThat(lines.get(0).color()).isEqualTo(most);
        assertThat(lines.get(0).reason()).isIn(DressReason.SHAPE, DressReason.BOX_THAT_MATTERS);
    }
}
