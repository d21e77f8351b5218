package app.zumbido.formats.existing;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.HouseOf;
import app.zumbido.core.brand.RoleChange;
import app.zumbido.core.brand.ThemeChange;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.inspect.House;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.SuggestionPolicy;
import app.zumbido.core.type.CommonFamily;
import app.zumbido.core.type.FamiliarNames;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.fonts.ShippedFaces;
import app.zumbido.formats.guide.ExampleAssets;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

/** Invented brands that files are checked against. The last swatch of each is off-limits. */
record PlantingBrands(Brand brand, Assets assets, House house) {
    private static final List<String[]> PALETTES = List.of(
            new String[] {
                "Night channel 0B2A4A",
                "Harbour teal 0F7C7A",
                "Buoy orange F2682A",
                "Rope 5B6670",
                "Foam EAF3F2",
                "Old brick 8E1B3A"
            },
            new String[] {"Pine 1E4D3A", "Moss 6F8F3A", "Poppy E0402F", "Stone 7A7468", "Linen F4EFE6", "Mauve 9A4FA8"},
            new String[] {"Ink 20203A", "Iris 5A4FCF", "Amber F2A900", "Slate 5E6472", "Mist E8EAF2", "Lime 8FD400"},
            new String[] {"Cocoa 3B2A20", "Clay B5562E", "Sky 2E9BD6", "Sand A08F78", "Cream FBF6EC", "Fuchsia D6139A"
            });

    static PlantingBrands of(Random random) {
        String[] swatches = PALETTES.get(random.nextInt(PALETTES.size()));
        Brand drafted = BrandExample.brand("Planted", swatches);
        Swatch last = drafted.palette().swatches().get(swatches.length - 1);
        Swatch third = drafted.palette().swatches().get(2);
        Brand brand = drafted.apply(new RoleChange.AssignRole(Role.HIGHLIGHT, List.of(third.id())))
                .apply(new RoleChange.AssignRole(Role.OFF_LIMITS, List.of(last.id())));
        brand = brand.apply(ThemeChange.ApplySuggestion.of(brand.look(), SuggestionPolicy.USUAL));
        List<Swatch> all = brand.palette().swatches();
        Assets assets = new ExampleAssets(all.get(0).color(), all.get(2).color(), 3);
        Set<String> known = new HashSet<>(FamiliarNames.ALL);
        CommonFamily.all().forEach(family -> known.add(family.name()));
        ShippedFaces.families().forEach(family -> known.add(family.family()));
        return new PlantingBrands(
                brand, assets, HouseOf.look(brand.look(), WcagLevel.AA, Set.of("Georgia"), known, true));
    }

    Rgb offLimits() {
        return house.offLimits().iterator().next();
    }

    /** @return a colour that nobody could take for one of the brand's, nor for one of its tints */
    Rgb outside(Random random) {
        while (true) {
            Rgb color = new Rgb(random.nextInt(256), random.nextInt(256), random.nextInt(256));
            boolean far = house.allowed().allMatch(own -> Difference.between(own, color) > 14)
                    && house.offLimits().stream().allMatch(own -> Difference.between(own, color) > 14);
            if (far) {
                return color;
            }
        }
    }

    /** @return a colour that was meant to be the other and is not */
    Rgb beside(Rgb own, Random random) {
        while (true) {
            Rgb color = new Rgb(near(own.red(), random), near(own.green(), random), near(own.blue(), random));
            double difference = Difference.between(own, color);
            if (difference > 0.6 && difference < 4 && !house.steps().containsKey(color) && !house.has(color)) {
                return color;
            }
        }
    }

    private static int near(int channel, Random random) {
        return Math.max(0, Math.min(255, channel + random.nextInt(15) - 7));
    }
}
