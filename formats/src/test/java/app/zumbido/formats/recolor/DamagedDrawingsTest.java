package app.zumbido.formats.recolor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.recolor.Deal;
import app.zumbido.core.recolor.Dealer;
import app.zumbido.core.recolor.Stock;
import app.zumbido.formats.image.UnreadableImageException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Drawings that are broken or want to do harm are recoloured or refused with a reason, and nothing else. */
class DamagedDrawingsTest {
    private static final Stock STOCK = Stock.of(List.of(Rgb.ofHex("0B2A4A"), Rgb.ofHex("0F7C7A"), Rgb.WHITE));

    /** @return whether it could be recoloured */
    private static boolean tryOut(byte[] file, String what) {
        try {
            GraphicFile graphic = GraphicFile.open(file);
            Optional<Deal> deal =
                    new Dealer(Grouping.usual(graphic.graphic(List.of())), STOCK, Map.of(), Optional.empty()).next();
            deal.ifPresent(dealt -> graphic.recolored(dealt.mapping(), List.of(), Map.of()));
            graphic.draw(60);
            return true;
        } catch (UnreadableImageException e) {
            return false;
        } catch (RuntimeException | Error e) {
            return fail(what, e);
        }
    }

    @Test
    void brokenOnesAreRecolouredOrRefused() {
        Random random = new Random(11);
        int read = 0;
        int refused = 0;
        for (Map.Entry<String, byte[]> entry : RealDrawings.flags(12).entrySet()) {
            for (int variant = 0; variant < 10; variant++) {
                byte[] broken = entry.getValue().clone();
                for (int i = 0; i < 1 + variant; i++) {
                    int at = random.nextInt(broken.length);
                    switch (random.nextInt(3)) {
                        case 0 -> broken[at] = (byte) random.nextInt(256);
                        case 1 -> broken[at] = (byte) "<>\"'/&;#0-.eE%".charAt(random.nextInt(14));
                        default -> broken = Arrays.copyOf(broken, Math.max(20, broken.length - random.nextInt(40)));
                    }
                }
                if (tryOut(broken, entry.getKey() + " " + variant)) {
                    read++;
                } else {
                    refused++;
                }
            }
        }
        assertThat(read).isPositive();
        assertThat(refused).isPositive();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><script>alert(1)</script><rect width='9' height='9' fill='red'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><style>@import url(http://localhost/x.css); rect{fill:red}</style><rect width='9' height='9'/></svg>",
                "<!DOCTYPE svg [<!ENTITY x SYSTEM 'file:///etc/passwd'>]><svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><text>&x;</text><rect width='9' height='9' fill='red'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' width='9' height='9'><g id='a'><use xlink:href='#a'/></g><rect width='9' height='9' fill='red'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><linearGradient id='a' href='#b'/><linearGradient id='b' href='#a'/><rect width='9' height='9' fill='url(#a)'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><rect width='9' height='9' fill='url(#nowhere) red'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><rect width='NaN' height='1e999' fill='#GGGGGG'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><rect width='9' height='9' style='fill:;stroke:#;;:red'/></svg>"
            })
    void hostileOnesDoNoHarm(String file) {
        assertTimeoutPreemptively(Duration.ofSeconds(20), () -> tryOut(file.getBytes(StandardCharsets.UTF_8), file));
    }
}
