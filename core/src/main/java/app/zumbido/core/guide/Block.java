package app.zumbido.core.guide;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.Overlay;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.core.type.TypeRole;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;

/** A piece of what a guide says. Words are as they are read, numbers as they are printed. */
public sealed interface Block {
    void readBy(Reader reader);

    /** Does something with each kind of block. */
    interface Reader {
        void cover(Cover cover);

        void sentence(Sentence sentence);

        void subtitle(Subtitle subtitle);

        void chips(Chips chips);

        void steps(Steps steps);

        void table(Table table);

        void bars(Bars bars);

        void portions(Portions portions);

        void chart(Chart chart);

        void scenes(Scenes scenes);

        void specimen(Specimen specimen);

        void columns(Columns columns);

        void pictures(Pictures pictures);

        void logoBoard(LogoBoard logoBoard);

        void logoTiles(LogoTiles logoTiles);

        void doNots(DoNots doNots);
    }

    /** A page, or the head of one, in the main colour. */
    record Cover(
            String name,
            String title,
            List<String> lines,
            String contact,
            Rgb ground,
            Rgb ink,
            Optional<Logo> logo,
            List<Portion> portions)
            implements Block {
        public Cover {
            lines = List.copyOf(lines);
            portions = List.copyOf(portions);
        }

        @Override
        public void readBy(Reader reader) {
            reader.cover(this);
        }
    }

    /** @param ratio width for one unit of height */
    record Logo(LogoForm form, LogoVersion version, double ratio) {}

    /** @param percent of all, 0 to 100 */
    record Portion(Rgb color, String name, double percent) {}

    /** How loud a sentence is. */
    enum Rank {
        LEAD,
        TEXT,
        SMALL
    }

    /** @param target where it leads to, as an address; empty: nowhere */
    record Sentence(String text, Rank rank, String target) implements Block {
        public static Sentence of(Rank rank, String text) {
            return new Sentence(text, rank, "");
        }

        @Override
        public void readBy(Reader reader) {
            reader.sentence(this);
        }
    }

    /** A heading within a section. */
    record Subtitle(String text) implements Block {
        @Override
        public void readBy(Reader reader) {
            reader.subtitle(this);
        }
    }

    /**
     * Colours as tickets in the order in which they matter.
     *
     * @param led in the first two rows, as large as their percent says: first the one that leads, then the others
     * @param others alike
     */
    record Chips(List<Chip> led, List<Chip> others) implements Block {
        public Chips {
            led = List.copyOf(led);
            others = List.copyOf(others);
        }

        @Override
        public void readBy(Reader reader) {
            reader.chips(this);
        }
    }

    /** @param ink what is written on it @param words what it is for; empty: nothing is said */
    record Chip(Rgb color, String name, String words, Rgb ink, double percent, boolean outlined) {}

    /** The derived steps of colours. */
    record Steps(List<StepRow> rows) implements Block {
        public Steps {
            rows = List.copyOf(rows);
        }

        @Override
        public void readBy(Reader reader) {
            reader.steps(this);
        }
    }

    record StepRow(String name, List<Step> steps) {
        public StepRow {
            steps = List.copyOf(steps);
        }
    }

    /** @param outlined whether it is hard to tell from the page */
    record Step(Rgb color, String label, Rgb ink, boolean outlined) {}

    /** Every row has as many cells as there are heads; the first cell says what the row is about. */
    record Table(List<String> heads, List<List<Cell>> rows) implements Block {
        public Table {
            heads = List.copyOf(heads);
            rows = rows.stream().map(List::copyOf).toList();
        }

        @Override
        public void readBy(Reader reader) {
            reader.table(this);
        }
    }

    /** @param chip a colour that is shown before the words @param code whether it is meant to be copied */
    record Cell(String text, Optional<Rgb> chip, boolean code) {
        public static Cell of(String text) {
            return new Cell(text, Optional.empty(), false);
        }

        public static Cell code(String text) {
            return new Cell(text, Optional.empty(), true);
        }
    }

    /** Grounds with what may stand on them, written on them. */
    record Bars(List<Bar> bars) implements Block {
        public Bars {
            bars = List.copyOf(bars);
        }

        @Override
        public void readBy(Reader reader) {
            reader.bars(this);
        }
    }

    /** @param ink what reads on it, however small */
    record Bar(Rgb ground, Rgb ink, String name, boolean outlined, List<Written> written) {
        public Bar {
            written = List.copyOf(written);
        }
    }

    /** @param large whether it is readable in large letters only @param ratio as it is printed */
    record Written(String words, Rgb ink, boolean large, String ratio) {}

    /** A bar in the proportion of colours. */
    record Portions(List<Portion> portions, String words) implements Block {
        public Portions {
            portions = List.copyOf(portions);
        }

        @Override
        public void readBy(Reader reader) {
            reader.portions(this);
        }
    }

    /**
     * Two small charts: the series in their order, and one of them raised.
     *
     * @param quiet what the others have where one is raised
     */
    record Chart(List<Rgb> series, Rgb raised, Rgb quiet, String words) implements Block {
        public Chart {
            series = List.copyOf(series);
        }

        @Override
        public void readBy(Reader reader) {
            reader.chart(this);
        }
    }

    /** Gradients and pictures with what is laid over them, written on. */
    record Scenes(List<Scene> scenes) implements Block {
        public Scenes {
            scenes = List.copyOf(scenes);
        }

        @Override
        public void readBy(Reader reader) {
            reader.scenes(this);
        }
    }

    record Scene(String name, String words, Under under, Optional<Overlay> overlay, Rgb ink) {}

    /** What lies beneath a text. */
    sealed interface Under {
        <T> T match(Function<Along, T> along, Function<Over, T> over);

        record Along(List<Rgb> stops, boolean radial, int angle) implements Under {
            public Along {
                stops = List.copyOf(stops);
            }

            @Override
            public <T> T match(Function<Along, T> along, Function<Over, T> over) {
                return along.apply(this);
            }
        }

        /** @param ratio of the picture, width for one unit of height */
        record Over(UUID source, double ratio) implements Under {
            @Override
            public <T> T match(Function<Along, T> along, Function<Over, T> over) {
                return over.apply(this);
            }
        }
    }

    /** Something set in a face of the brand. */
    record Specimen(TypeRole role, double size, String text) implements Block {
        @Override
        public void readBy(Reader reader) {
            reader.specimen(this);
        }
    }

    /** Text in two columns where there is room. */
    record Columns(String text) implements Block {
        @Override
        public void readBy(Reader reader) {
            reader.columns(this);
        }
    }

    /** Pictures in rows of equal height, or as wide as is said. */
    record Pictures(List<Pictured> pictures, boolean byHand) implements Block {
        public Pictures {
            pictures = List.copyOf(pictures);
        }

        @Override
        public void readBy(Reader reader) {
            reader.pictures(this);
        }
    }

    /** @param ratio of what is seen of it @param words what is seen on it, for who cannot see it; also written beneath where it has a caption */
    record Pictured(UUID source, double ratio, MoodPicture.Crop crop, Share share, String words, boolean captioned) {}

    /** @param clear space around it, in its heights */
    record LogoBoard(Logo logo, double clear, Rgb ground, Rgb line, String words) implements Block {
        @Override
        public void readBy(Reader reader) {
            reader.logoBoard(this);
        }
    }

    /** Logos on their grounds. */
    record LogoTiles(List<LogoTile> tiles) implements Block {
        public LogoTiles {
            tiles = List.copyOf(tiles);
        }

        @Override
        public void readBy(Reader reader) {
            reader.logoTiles(this);
        }
    }

    record LogoTile(Logo logo, Rgb ground, boolean outlined, String words) {}

    /** What must not be done, crossed out. */
    record DoNots(List<DoNot> examples) implements Block {
        public DoNots {
            examples = List.copyOf(examples);
        }

        @Override
        public void readBy(Reader reader) {
            reader.doNots(this);
        }
    }

    /** @param words what is wrong with it @param line what crosses it out */
    record DoNot(Example example, Rgb ground, boolean outlined, Rgb line, String words) {}

    /** What is crossed out. */
    sealed interface Example {
        <T> T match(
                Function<Words, T> words,
                Function<Everywhere, T> everywhere,
                Function<Color, T> color,
                Function<WrongLogo, T> wrongLogo);

        record Words(String text, Rgb ink) implements Example {
            @Override
            public <T> T match(
                    Function<Words, T> words,
                    Function<Everywhere, T> everywhere,
                    Function<Color, T> color,
                    Function<WrongLogo, T> wrongLogo) {
                return words.apply(this);
            }
        }

        /** The highlight wherever something can be. */
        record Everywhere(Rgb highlight) implements Example {
            @Override
            public <T> T match(
                    Function<Words, T> words,
                    Function<Everywhere, T> everywhere,
                    Function<Color, T> color,
                    Function<WrongLogo, T> wrongLogo) {
                return everywhere.apply(this);
            }
        }

        record Color(Rgb color) implements Example {
            @Override
            public <T> T match(
                    Function<Words, T> words,
                    Function<Everywhere, T> everywhere,
                    Function<Color, T> color,
                    Function<WrongLogo, T> wrongLogo) {
                return color.apply(this);
            }
        }

        /** @param stretched by how much wider it is than it should be, 1 is right @param turned in degrees */
        record WrongLogo(Logo logo, double stretched, double turned) implements Example {
            @Override
            public <T> T match(
                    Function<Words, T> words,
                    Function<Everywhere, T> everywhere,
                    Function<Color, T> color,
                    Function<WrongLogo, T> wrongLogo) {
                return wrongLogo.apply(this);
            }
        }
    }
}
