package app.zumbido.core.brand;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.PairRule;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Painted;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.ThemeSlot;
import java.lang.reflect.Method;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Collection;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/**
 * No holder of a colour is forgotten when a swatch leaves or is merged: the types that a brand is made of are walked by
 * reflection, and so is a brand in which every holder refers to the swatch that goes. Written against the types alone, so it
 * also speaks of holders that are still to come.
 */
class EveryHolderTest {
    private static final SwatchId NAVY = new SwatchId(new UUID(0, 1));
    private static final SwatchId TEAL = new SwatchId(new UUID(0, 2));
    private static final SwatchId PALE = new SwatchId(new UUID(0, 3));
    private static final UUID THEME = new UUID(1, 2);

    /** @return every type of core that a type's components name, sealed ones with their cases */
    private static Set<Class<?>> parts(Class<?> type) {
        Set<Class<?>> parts = new LinkedHashSet<>();
        for (RecordComponent component : type.isRecord() ? type.getRecordComponents() : new RecordComponent[0]) {
            addTypes(component.getGenericType(), parts);
        }
        if (type.isSealed()) {
            parts.addAll(List.of(type.getPermittedSubclasses()));
        }
        parts.removeIf(part -> !part.getName().startsWith("app.zumbido.core") || part.equals(type));
        return parts;
    }

    private static void addTypes(Type type, Set<Class<?>> found) {
        if (type instanceof ParameterizedType generic) {
            addTypes(generic.getRawType(), found);
            Arrays.stream(generic.getActualTypeArguments()).forEach(argument -> addTypes(argument, found));
        } else if (type instanceof Class<?> plain) {
            found.add(plain);
        }
    }

    private static Set<Class<?>> typesOfABrand() {
        Set<Class<?>> seen = new LinkedHashSet<>();
        Deque<Class<?>> open = new ArrayDeque<>(List.of(Brand.class));
        while (!open.isEmpty()) {
            Class<?> type = open.pop();
            // Another palette stands on swatches of its own, so nothing in it follows those in force.
            if (type != Alternative.class && seen.add(type)) {
                parts(type).forEach(open::push);
            }
        }
        return seen;
    }

    /** A reference is a paint, or the id of a swatch; a swatch's own id refers to nobody. */
    private static boolean refers(Class<?> type) {
        return Paint.class.isAssignableFrom(type) || type == SwatchId.class;
    }

    @Test
    void whateverRefersToAColorIsPainted() {
        List<Class<?>> holders = typesOfABrand().stream()
                .filter(type -> !refers(type))
                .filter(type -> parts(type).stream().anyMatch(EveryHolderTest::refers))
                .toList();
        assertThat(holders).hasSizeGreaterThan(5).allMatch(Painted.class::isAssignableFrom);
    }

    @Test
    void whateverHasAPaintedPartIsPainted() {
        assertThat(typesOfABrand())
                .filteredOn(type -> parts(type).stream().anyMatch(Painted.class::isAssignableFrom))
                .isNotEmpty()
                .allMatch(Painted.class::isAssignableFrom);
    }

    /** A brand in which everything that can refer to a swatch refers to navy. */
    private static Brand brand() {
        Rgb navy = Rgb.ofHex("0B2A4A");
        Paint own = new Paint.OfSwatch(NAVY);
        Paint step = new Paint.OnLadder(NAVY, -0.5);
        Brand brand = Brand.begin(new UUID(1, 1), "Ostrel Ferries", Optional.empty(), THEME)
                .apply(PaletteChange.AddSwatches.of(List.of(
                        Swatch.of(NAVY, "Navy", navy, List.of()),
                        Swatch.of(TEAL, "Teal", Rgb.ofHex("0F7C7A"), List.of()),
                        Swatch.of(PALE, "Pale", navy, List.of()).following(new Paint.OnLadder(NAVY, 0.5), navy))))
                .apply(new ThemeChange.FillSlot(THEME, ThemeSlot.DARK_1, Optional.of(own)))
                .apply(new ThemeChange.FillSlot(THEME, ThemeSlot.ACCENT_1, Optional.of(step)))
                .apply(new ThemeChange.FillSlot(THEME, ThemeSlot.ACCENT_2, Optional.of(new Paint.Shifted(NAVY, 0.2))))
                .apply(new GroundChange.RulePair(new PairRule(PairRule.Kind.LEFT, own, step, "Printed so for years")))
                .apply(new GroundChange.KeepGround(new ComposedGround(
                        new UUID(3, 3),
                        "Band",
                        new ComposedGround.Base.OfGradient(List.of(own, step), false, 90),
                        Optional.of(new ComposedGround.Laid(step, Fraction.of(0.7))),
                        own)));
        for (Role role : Role.values()) {
            brand = brand.apply(new RoleChange.AssignRole(role, List.of(NAVY)));
        }
        return brand;
    }

    /** @return every id of a swatch that stands anywhere in a value, found without asking the value */
    private static Set<SwatchId> found(Object value) {
        Set<SwatchId> ids = new HashSet<>();
        collect(value, ids);
        return ids;
    }

    private static void collect(Object value, Set<SwatchId> ids) {
        if (value instanceof SwatchId id) {
            ids.add(id);
        } else if (value instanceof Collection<?> many) {
            many.forEach(one -> collect(one, ids));
        } else if (value instanceof Map<?, ?> map) {
            map.values().forEach(one -> collect(one, ids));
        } else if (value instanceof Optional<?> maybe) {
            maybe.ifPresent(one -> collect(one, ids));
        } else if (value instanceof Record record) {
            for (RecordComponent component : record.getClass().getRecordComponents()) {
                collect(valueOf(component.getAccessor(), record), ids);
            }
        }
    }

    private static Object valueOf(Method accessor, Record record) {
        try {
            accessor.setAccessible(true);
            return accessor.invoke(record);
        } catch (ReflectiveOperationException e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void nothingRefersToASwatchThatLeft() {
        Brand left = brand().apply(new PaletteChange.RemoveSwatch(NAVY));
        assertThat(found(brand())).contains(NAVY);
        assertThat(found(left)).containsExactlyInAnyOrder(TEAL, PALE);
        assertThat(left.look().colors()).isEqualTo(brand().look().colors());
        assertThat(left.palette().get(PALE).color())
                .isEqualTo(brand().palette().get(PALE).color());
    }

    @Test
    void everythingFollowsTheSwatchThatAnotherBecomes() {
        Brand merged = brand().apply(new PaletteChange.MergeSwatches(TEAL, NAVY));
        assertThat(found(merged)).containsExactlyInAnyOrder(TEAL, PALE);
        assertThat(merged.look().theme().paints()).hasSize(3).allMatch(paint -> paint.follows(TEAL));
        assertThat(merged.grounds().paints()).hasSize(6).allMatch(paint -> paint.follows(TEAL));
        for (Role role : Role.values()) {
            assertThat(merged.roles().of(role).contains(TEAL)).isNotEqualTo(role.forbids());
        }
    }
}
