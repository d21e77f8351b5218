package app.zumbido.server.trail;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.PaletteChange;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.palette.UnknownSwatchException;
import app.zumbido.server.ServerTest;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.trail.form.StoredForm;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** On a real SQLite file. */
@ServerTest
class BrandKeeperTest {
    @Autowired
    private BrandKeeper keeper;

    @Autowired
    private TrailMapper steps;

    @Autowired
    private Ids ids;

    private UUID id;

    @BeforeEach
    void begin() {
        id = keeper.begin("Ostrel Ferries", Optional.of("OF")).brand().id();
    }

    private Swatch swatch(String name, String hex) {
        return EveryChange.swatch(ids, name, hex);
    }

    private Brand change(Function<Brand, Change> change) {
        return keeper.change(id, IfMatch.anything(), change).brand();
    }

    private static SwatchId id(Brand brand, int index) {
        return brand.palette().swatches().get(index).id();
    }

    @Test
    void holdsThePresentAndTheSnapshotEqualAfterEveryChangeAndBothWaysAlongTheTrail() {
        List<Brand> states = new ArrayList<>(List.of(keeper.load(id).brand()));
        for (Function<Brand, Change> make : EveryChange.of(ids)) {
            Brand after = change(make);
            states.add(after);
            Brand snapshot = StoredForm.brand(
                    Objects.requireNonNull(steps.snapshot(id, after.revision()).snapshot()));
            assertThat(keeper.load(id).brand()).isEqualTo(after).isEqualTo(snapshot);
        }
        for (int i = states.size() - 2; i >= 0; i--) {
            assertSameBut(keeper.undo(id, IfMatch.anything()), states.get(i));
        }
        assertThatThrownBy(() -> keeper.undo(id, IfMatch.anything())).isInstanceOf(TrailEndException.class);
        for (Brand state : states.subList(1, states.size())) {
            assertSameBut(keeper.redo(id, IfMatch.anything()), state);
        }
        assertThatThrownBy(() -> keeper.redo(id, IfMatch.anything())).isInstanceOf(TrailEndException.class);
    }

    private void assertSameBut(KeptBrand kept, Brand state) {
        assertThat(kept.brand()).isEqualTo(state.at(kept.brand().revision()));
        assertThat(keeper.load(id)).isEqualTo(kept);
    }

    @Test
    void givesEveryStepARevisionThatNeverComesAgain() {
        change(brand -> new BrandChange.RenameBrand("A"));
        long undone = keeper.undo(id, IfMatch.anything()).brand().revision();
        long changed = change(brand -> new BrandChange.RenameBrand("B")).revision();
        assertThat(List.of(undone, changed)).containsExactly(3L, 4L);
    }

    @Test
    void endsRedoWithANewChange() {
        change(brand -> new BrandChange.RenameBrand("A"));
        change(brand -> new BrandChange.RenameBrand("B"));
        keeper.undo(id, IfMatch.anything());
        keeper.undo(id, IfMatch.anything());
        change(brand -> new BrandChange.RenameBrand("C"));
        assertThatThrownBy(() -> keeper.redo(id, IfMatch.anything())).isInstanceOf(TrailEndException.class);
        assertThat(keeper.undo(id, IfMatch.anything()).brand().name()).isEqualTo("Ostrel Ferries");
        assertThat(keeper.redo(id, IfMatch.anything()).brand().name()).isEqualTo("C");
    }

    @Test
    void namesEveryStepOnTheTrailAndWhatIsUndone() {
        change(brand -> PaletteChange.AddSwatches.of(List.of(swatch("Foam", "EAF3F2"))));
        change(brand -> new PaletteChange.RenameSwatch(id(brand, 0), "Spray"));
        keeper.undo(id, IfMatch.anything());
        Trail trail = keeper.trail(id, OptionalLong.empty(), 100);
        assertThat(trail.steps()).extracting(Trail.Step::done).containsExactly(true, true, false);
        assertThat(trail.steps().get(2).note().to()).contains("Spray");
        assertThat(trail.cursor()).isEqualTo(2);
    }

    @Test
    void showsTheTrailPageByPageFromTheNewestStepBack() {
        for (int i = 1; i <= 7; i++) {
            String name = "Name " + i;
            change(brand -> new BrandChange.RenameBrand(name));
        }
        Trail newest = keeper.trail(id, OptionalLong.empty(), 3);
        assertThat(newest.steps()).extracting(Trail.Step::revision).containsExactly(6L, 7L, 8L);
        assertThat(newest.more()).isTrue();
        Trail before = keeper.trail(id, OptionalLong.of(6), 4);
        assertThat(before.steps()).extracting(Trail.Step::revision).containsExactly(2L, 3L, 4L, 5L);
        Trail first = keeper.trail(id, OptionalLong.of(2), 4);
        assertThat(first.steps()).extracting(Trail.Step::revision).containsExactly(1L);
        assertThat(first.more()).isFalse();
        assertThat(keeper.trail(id, OptionalLong.of(1), 4).steps()).isEmpty();
    }

    /** A change that takes long must hold up nobody, so it is made outside of the one transaction that writes. */
    @Test
    void makesChangesOutsideOfEveryTransaction() {
        change(brand -> {
            assertThat(TransactionSynchronizationManager.isActualTransactionActive())
                    .isFalse();
            return new BrandChange.RenameBrand("A");
        });
    }

    @Test
    void makesAChangeAnewWhenSomebodyElseWasFaster() {
        AtomicInteger made = new AtomicInteger();
        Brand both = change(brand -> {
            if (made.getAndIncrement() == 0) {
                change(other -> new BrandChange.SetShortCode(Optional.of("OST")));
            }
            return new BrandChange.RenameBrand("A");
        });
        assertThat(made).hasValue(2);
        assertThat(both.shortCode()).contains("OST");
        assertThat(both.revision()).isEqualTo(3);
        AtomicInteger refused = new AtomicInteger();
        assertThatThrownBy(() -> keeper.change(id, IfMatch.revision(3), brand -> {
                    if (refused.getAndIncrement() == 0) {
                        change(other -> new BrandChange.RenameBrand("Theirs"));
                    }
                    return new BrandChange.RenameBrand("Ours");
                }))
                .isInstanceOf(StaleRevisionException.class);
        assertThat(keeper.load(id).brand().name()).isEqualTo("Theirs");
    }

    @Test
    void losesNoChangeOfTenPeopleAtOnce() throws Exception {
        ExecutorService people = Executors.newFixedThreadPool(10);
        try {
            List<Future<Brand>> changes = new ArrayList<>();
            for (int i = 0; i < 40; i++) {
                Swatch swatch = swatch("Swatch " + i, "0F7C7A");
                changes.add(people.submit(() -> change(brand -> PaletteChange.AddSwatches.of(List.of(swatch)))));
            }
            Set<Long> revisions = new HashSet<>();
            for (Future<Brand> change : changes) {
                revisions.add(change.get().revision());
            }
            assertThat(revisions).hasSize(40);
        } finally {
            people.shutdownNow();
        }
        assertThat(keeper.load(id).brand().palette().swatches()).hasSize(40);
    }

    @Test
    void goesToAnyStepAndShowsTheBrandAsItWas() {
        change(brand -> new BrandChange.RenameBrand("A"));
        change(brand -> new BrandChange.RenameBrand("B"));
        change(brand -> new BrandChange.RenameBrand("C"));
        assertThat(keeper.goTo(id, IfMatch.anything(), 2).brand().name()).isEqualTo("A");
        assertThat(keeper.goTo(id, IfMatch.anything(), 4).brand().name()).isEqualTo("C");
        assertThat(keeper.goTo(id, IfMatch.anything(), 1).brand().name()).isEqualTo("Ostrel Ferries");
        assertThat(keeper.redo(id, IfMatch.anything()).brand().name()).isEqualTo("A");
        assertThat(keeper.asOf(id, 3).name()).isEqualTo("B");
    }

    @Test
    void knowsNoStepThatIsOffTheWay() {
        change(brand -> new BrandChange.RenameBrand("A"));
        keeper.undo(id, IfMatch.anything());
        change(brand -> new BrandChange.RenameBrand("B"));
        for (long revision : new long[] {0, 2, 3, 99}) {
            assertThatThrownBy(() -> keeper.goTo(id, IfMatch.anything(), revision))
                    .isInstanceOf(UnknownStepException.class);
            assertThatThrownBy(() -> keeper.asOf(id, revision)).isInstanceOf(UnknownStepException.class);
        }
    }

    @Test
    void keepsNothingOfAPreview() {
        Brand before = change(brand -> PaletteChange.AddSwatches.of(List.of(swatch("Foam", "EAF3F2"))));
        Brand seen = keeper.preview(id, brand -> new PaletteChange.MixSwatch(id(before, 0), -0.2, 0, 0))
                .after()
                .brand();
        assertThat(seen.palette().swatches().get(0).color()).isNotEqualTo(Rgb.ofHex("EAF3F2"));
        assertThat(seen.revision()).isEqualTo(before.revision());
        assertThat(keeper.load(id).brand()).isEqualTo(before);
    }

    @Test
    void refusesAChangeOnAnOlderRevisionAndSaysWhatHappenedSince() {
        change(brand -> new BrandChange.RenameBrand("A"));
        assertThatThrownBy(() -> keeper.change(id, IfMatch.revision(1), brand -> new BrandChange.RenameBrand("B")))
                .isInstanceOfSatisfying(StaleRevisionException.class, stale -> {
                    assertThat(stale.facts()).containsEntry("revision", 2L);
                    assertThat(stale.facts().get("since"))
                            .asInstanceOf(InstanceOfAssertFactories.list(NoteResponse.class))
                            .singleElement()
                            .satisfies(note -> assertThat(note.to()).isEqualTo("A"));
                });
        assertThat(keeper.load(id).brand().name()).isEqualTo("A");
    }

    @Test
    void leavesNothingBehindOfAChangeThatFails() {
        Brand before = keeper.load(id).brand();
        SwatchId unknown = new SwatchId(ids.next());
        assertThatThrownBy(() -> change(brand -> new PaletteChange.RemoveSwatch(unknown)))
                .isInstanceOf(UnknownSwatchException.class);
        assertThat(keeper.load(id).brand()).isEqualTo(before);
        assertThat(keeper.trail(id, OptionalLong.empty(), 100).steps()).hasSize(1);
    }

    @Test
    void takesABrandOffTheShelfAndPutsItBackAsItWas() {
        Brand before = change(brand -> new BrandChange.RenameBrand("A"));
        keeper.delete(id, IfMatch.revision(2));
        assertThatThrownBy(() -> keeper.load(id)).isInstanceOf(UnknownBrandException.class);
        assertThatThrownBy(() -> change(brand -> new BrandChange.RenameBrand("B")))
                .isInstanceOf(UnknownBrandException.class);
        assertThat(keeper.putBack(id).brand()).isEqualTo(before);
        assertThat(keeper.load(id).brand()).isEqualTo(before);
    }
}
