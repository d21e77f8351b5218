package app.zumbido.server.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.extraction.Place;
import app.zumbido.core.extraction.SampleArea;
import app.zumbido.server.TestPictures;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class SourcePixelsTest extends SourceTest {
    private SourcePixels pixels;

    @BeforeEach
    void look() {
        pixels = new SourcePixels(service, pictures);
    }

    /** A large picture takes seconds, and somebody holds the magnifier over another one meanwhile. */
    @Test
    void looksIntoOnePictureWhileAnotherIsDecoded() throws Exception {
        UUID slow = new UUID(7, 7);
        when(mapper.find(BRAND, slow))
                .thenReturn(new SourceRow(
                        slow, BRAND, "slow.png", "png", 200, 100, null, null, null, "slow", CLOCK.instant()));
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch goOn = new CountDownLatch(1);
        when(blobs.get("slow")).thenAnswer(call -> {
            begun.countDown();
            goOn.await();
            return TestPictures.logo();
        });
        hold(TestPictures.logo());
        CompletableFuture<Rgb> waiting =
                CompletableFuture.supplyAsync(() -> pixels.sample(BRAND, slow, new Place(30, 30), SampleArea.ONE));
        try {
            begun.await();
            assertThat(pixels.sample(BRAND, SOURCE, new Place(30, 30), SampleArea.ONE))
                    .isEqualTo(Rgb.ofHex("0B2A4A"));
            assertThat(waiting).isNotDone();
        } finally {
            goOn.countDown();
        }
        assertThat(waiting.get()).isEqualTo(Rgb.ofHex("0B2A4A"));
    }

    @Test
    void decodesAPictureOnceForManyQuestions() {
        hold(TestPictures.logo());
        assertThat(pixels.sample(BRAND, SOURCE, new Place(30, 30), SampleArea.SEVEN))
                .isEqualTo(Rgb.ofHex("0B2A4A"));
        assertThat(pixels.sample(BRAND, SOURCE, new Place(130, 50), SampleArea.ONE))
                .isEqualTo(Rgb.ofHex("F2682A"));
        verify(blobs).get(BLOB);
    }

    @Test
    void showsThirteenByThirteenPixelsAndNothingBeyondTheEdge() {
        hold(TestPictures.logo());
        List<Optional<Rgb>> patch = pixels.patch(BRAND, SOURCE, new Place(0, 30), 13);
        assertThat(patch).hasSize(13 * 13);
        assertThat(patch.get(6 * 13 + 5)).isEmpty();
        assertThat(patch.get(6 * 13 + 6)).isPresent();
        assertThat(pixels.patch(BRAND, SOURCE, new Place(30, 30), 13).get(6 * 13 + 6))
                .contains(Rgb.ofHex("0B2A4A"));
    }

    @Test
    void refusesAPlaceOutsideOrWithNothingInIt() {
        hold(TestPictures.nothing());
        assertThatThrownBy(() -> pixels.sample(BRAND, SOURCE, new Place(200, 0), SampleArea.ONE))
                .isInstanceOf(OutsidePictureException.class);
        assertThatThrownBy(() -> pixels.sample(BRAND, SOURCE, new Place(5, 5), SampleArea.ONE))
                .isInstanceOf(OutsidePictureException.class);
    }

    @Test
    void letsALargePictureWaitForMemoryAndGoAlone() throws Exception {
        DecodeGate gate = new DecodeGate(64L << 20);
        AtomicInteger inside = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        List<Thread> threads = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            threads.add(new Thread(() -> gate.pass(90_000_000, () -> {
                most.accumulateAndGet(inside.incrementAndGet(), Math::max);
                Thread.yield();
                return inside.decrementAndGet();
            })));
        }
        threads.forEach(Thread::start);
        for (Thread thread : threads) {
            thread.join();
        }
        assertThat(most).hasValue(1);
    }
}
