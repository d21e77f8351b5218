package app.zumbido.formats.existing;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.check.Check;
import app.zumbido.core.inspect.check.Fault;
import app.zumbido.core.inspect.check.FaultKind;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Files with planted faults: how many of them are found, and how many are told that nobody planted. */
class PlantedFaultsTest {
    private static final int DECKS = 20;
    private static final int DOCUMENTS = 14;
    private static final int WORKBOOKS = 14;
    private static final double RECALL = 0.98;
    private static final double FALSE_ALARMS = 0.03;

    private static final class Score {
        private int planted;
        private int found;
        private int told;
        private int wrong;
        private final List<String> examples = new ArrayList<>();
    }

    private final Map<FaultKind, Score> scores = new EnumMap<>(FaultKind.class);

    private Score of(FaultKind kind) {
        return scores.computeIfAbsent(kind, key -> new Score());
    }

    private static List<Fault> faults(PlantingBrands brand, byte[] content) {
        try (ExistingFile file = ExistingFile.open(content)) {
            Findings findings = file.findings();
            return Check.of(findings, brand.house(), new FileLogos(file, brand.assets()));
        }
    }

    private void judge(String name, Planted planted, List<Fault> faults) {
        for (Planted.Plant plant : planted.plants()) {
            Score score = of(plant.kind());
            score.planted++;
            boolean found = faults.stream()
                    .anyMatch(fault ->
                            fault.kind() == plant.kind() && fault.place().page().orElse(0) == plant.page());
            if (found) {
                score.found++;
            } else {
                score.examples.add(name + " page " + plant.page() + " missed");
            }
        }
        for (Fault fault : faults) {
            Score score = of(fault.kind());
            score.told++;
            boolean meant = planted.plants().stream()
                    .filter(plant -> plant.page() == fault.place().page().orElse(0))
                    .anyMatch(plant ->
                            plant.kind() == fault.kind() || plant.along().contains(fault.kind()));
            if (!meant) {
                score.wrong++;
                score.examples.add(name + " " + fault);
            }
        }
    }

    private interface Planting {
        Planted plant(PlantingBrands brand, Random random, List<FaultKind> kinds) throws IOException;
    }

    private void judge(String kind, int files, List<FaultKind> all, int most, Planting planting) throws IOException {
        for (int seed = 1; seed <= files; seed++) {
            Random random = new Random(seed);
            PlantingBrands brand = PlantingBrands.of(random);
            List<FaultKind> kinds = new ArrayList<>(all);
            Collections.shuffle(kinds, random);
            Planted planted = planting.plant(brand, random, kinds.subList(0, most));
            judge(kind + " " + seed, planted, faults(brand, planted.file()));
        }
        assertThat(scores.keySet()).containsAll(all);
        scores.forEach((fault, score) -> {
            assertThat(score.found).as(fault + " found: " + score.examples).isGreaterThanOrEqualTo((int)
                    Math.ceil(RECALL * score.planted));
            assertThat(score.wrong).as(fault + " wrong: " + score.examples).isLessThanOrEqualTo((int)
                    (FALSE_ALARMS * score.told));
        });
    }

    @Test
    void findsWhatWasPlantedInDecksAndLittleElse() throws IOException {
        judge("deck", DECKS, PlantedDecks.KINDS, 9, PlantedDecks::of);
    }

    @Test
    void findsWhatWasPlantedInDocumentsAndLittleElse() throws IOException {
        judge("document", DOCUMENTS, PlantedDocuments.KINDS, 5, PlantedDocuments::of);
    }

    @Test
    void findsWhatWasPlantedInWorkbooksAndLittleElse() throws IOException {
        judge("workbook", WORKBOOKS, PlantedWorkbooks.KINDS, 5, PlantedWorkbooks::of);
    }
}
