package app.zumbido.server.existing;

import app.zumbido.core.brand.Look;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Written;
import app.zumbido.core.inspect.check.Edit;
import app.zumbido.core.inspect.dress.DressLine;
import app.zumbido.core.inspect.dress.DressTable;
import app.zumbido.core.inspect.dress.DressWarning;
import app.zumbido.core.inspect.dress.DressWarnings;
import app.zumbido.core.inspect.dress.Dressing;
import app.zumbido.core.inspect.dress.Headings;
import app.zumbido.core.inspect.dress.OldLogo;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.Unbranded;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.existing.ExistingFile;
import app.zumbido.formats.existing.FileLogos;
import app.zumbido.formats.existing.LineLengths;
import app.zumbido.formats.existing.TemplateMaster;
import app.zumbido.formats.ooxml.OfficeFile;
import app.zumbido.formats.uses.Changes;
import app.zumbido.server.delivery.BrandFiles;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Puts brands on files. */
@Service
class Dressings {
    /** Width for one unit of height of the template that usually goes out. */
    private static final double WIDESCREEN = 16.0 / 9;

    private final ExistingFiles files;
    private final BrandFiles brandFiles;
    private final Graphics graphics;

    Dressings(ExistingFiles files, BrandFiles brandFiles, Graphics graphics) {
        this.graphics = graphics;
        this.files = files;
        this.brandFiles = brandFiles;
    }

    /**
     * What is wanted besides the usual.
     *
     * @param mapping what colours become
     * @param leftMasters parts of masters that keep their theme
     * @param leftLogos whether pictures that look like the old logo stay
     * @param smallerHeadings whether headings that would wrap are made smaller
     * @param templateMaster whether pages go on the template's master and layouts
     */
    record Wishes(
            Map<Rgb, ThemeSlot> mapping,
            Set<String> leftMasters,
            boolean leftLogos,
            boolean smallerHeadings,
            boolean templateMaster) {}

    /** What will be done, and what is told before. */
    record Plan(
            List<DressLine> table,
            List<DressWarning> warnings,
            List<OldLogo> logos,
            Map<String, String> masters,
            Optional<TemplateMaster.Obstacle> masterObstacle,
            House house,
            String kind) {
        Rgb seen(DressLine line) {
            return House.seen(line.becomes(), house.slots(), kind);
        }
    }

    /** @return the colours of a file that can become others */
    Set<Rgb> known(ExistingFileRow row) {
        return files.findings(row).uses().stream().map(Use::color).collect(Collectors.toSet());
    }

    /** @return the table; where slots are empty it says only what is in the file */
    List<DressLine> colors(ExistingFileRow row, Look look) {
        House house = Houses.of(look, brandFiles.assets(look.brand()), WcagLevel.AA);
        House whole = look.theme().unfilled().isEmpty()
                ? house
                : house.in(Unbranded.completing(look.theme(), look.palette()));
        return DressTable.of(files.findings(row), whole, Map.of());
    }

    /** @throws ExistingFileException if slots are empty, or the file lacks a colour that is mapped */
    Plan plan(ExistingFileRow row, Look look, Wishes wishes) {
        try (Work work = new Work(row, look, wishes)) {
            return work.plan();
        }
    }

    /** @return the dressed file, as a new one */
    ExistingFileRow dress(ExistingFileRow row, Look look, Wishes wishes) {
        return files.add(row.brandId(), dressed(row, look, wishes), new ExistingFiles.Made("dress", row));
    }

    /** @return the file as it would be */
    byte[] dressed(ExistingFileRow row, Look look, Wishes wishes) {
        try (Work work = new Work(row, look, wishes)) {
            return work.file.with(work.changes());
        }
    }

    /** One file that is dressed. */
    private final class Work implements AutoCloseable {
        private final Look look;
        private final Wishes wishes;
        private final Map<String, String> masters;
        private final Optional<TemplateMaster.Obstacle> masterObstacle;
        private final ExistingFile file;
        private final Findings findings;
        private final Assets assets;
        private final House house;
        private final List<DressLine> table;
        private final Dressing dressing;
        private final FileLogos logos;
        private final LineLengths lengths;

        Work(ExistingFileRow row, Look look, Wishes wishes) {
            List<ThemeSlot> unfilled = look.theme().unfilled();
            if (!unfilled.isEmpty()) {
                throw ExistingFileException.themeUnfilled(unfilled);
            }
            this.look = look;
            this.wishes = wishes;
            this.assets = brandFiles.assets(look.brand());
            this.house = Houses.of(look, assets, WcagLevel.AA);
            ExistingFile asItIs = ExistingFile.open(files.content(row));
            this.masters = asItIs.slides().map(OfficeFile.Slides::masters).orElse(Map.of());
            this.masterObstacle = TemplateMaster.obstacle(asItIs);
            this.file = wishes.templateMaster() ? onTemplate(asItIs) : asItIs;
            this.findings = wishes.templateMaster() ? file.findings() : files.findings(row);
            this.table = DressTable.of(findings, house, wishes.mapping());
            this.dressing = new Dressing(findings, house, table, wishes.templateMaster());
            this.logos = new FileLogos(file, assets, graphics::inside);
            this.lengths = new LineLengths(assets);
            Set<Rgb> known = known(row);
            for (Rgb color : wishes.mapping().keySet()) {
                if (!known.contains(color)) {
                    throw ExistingFileException.unknownColor(color.hex());
                }
            }
        }

        /** The pages move first; everything else goes on from there. */
        private ExistingFile onTemplate(ExistingFile asItIs) {
            try (asItIs) {
                masterObstacle.ifPresent(obstacle -> {
                    throw ExistingFileException.masterCannotBeTaken(obstacle);
                });
                return ExistingFile.open(TemplateMaster.under(asItIs, look, assets, wishes.leftMasters()));
            }
        }

        private double inNewFace(Written run) {
            return lengths.in(look.brand().type().pair().heading().name(), run);
        }

        private List<OldLogo> oldLogos() {
            return OldLogo.of(
                    findings,
                    logos,
                    dressing::after,
                    house.slots().get(house.ground().page()));
        }

        Plan plan() {
            Optional<OfficeFile.Slides> slides = file.slides();
            List<OldLogo> old = oldLogos();
            DressWarnings.Shape shape = new DressWarnings.Shape(
                    slides.map(it -> it.width() / it.height()).orElse(0.0), WIDESCREEN, List.copyOf(masters.values()));
            return new Plan(
                    table,
                    DressWarnings.of(findings, shape, old, lengths::asItIs, this::inNewFace),
                    old,
                    masters,
                    masterObstacle,
                    house,
                    findings.kind());
        }

        Changes changes() {
            List<Edit> edits = new ArrayList<>(dressing.colors());
            edits.addAll(dressing.letters());
            if (!wishes.leftLogos()) {
                oldLogos().forEach(logo -> edits.addAll(logo.edits(logos.forms())));
            }
            if (wishes.smallerHeadings()) {
                edits.addAll(Headings.smaller(Headings.wrapping(findings, lengths::asItIs, this::inNewFace)));
            }
            Changes.NewTheme theme = new Changes.NewTheme(
                    look.theme().name(),
                    house.slots(),
                    look.brand().type().pair(),
                    look.theme().ground() == PageGround.DARK,
                    wishes.leftMasters());
            return new Changes(edits, Optional.of(theme), assets::logo);
        }

        @Override
        public void close() {
            file.close();
        }
    }
}
