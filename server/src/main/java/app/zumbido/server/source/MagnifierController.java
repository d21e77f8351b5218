package app.zumbido.server.source;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.extraction.Place;
import app.zumbido.core.extraction.SampleArea;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** One place of a picture, looked at closely so that its color can be taken by hand. */
@RestController
@RequestMapping("/api/brands/{id}/sources/{sid}")
class MagnifierController {
    private final SourcePixels pixels;

    MagnifierController(SourcePixels pixels) {
        this.pixels = pixels;
    }

    @GetMapping("/sample")
    SampleResponse sample(
            @PathVariable UUID id,
            @PathVariable UUID sid,
            @RequestParam int x,
            @RequestParam int y,
            @RequestParam(defaultValue = "1") int area) {
        return SampleResponse.of(pixels.sample(id, sid, new Place(x, y), square(area)));
    }

    /** The pixels around a place, as the magnifier shows them: the area that is averaged stands whole in them. */
    @GetMapping("/patch")
    PatchResponse patch(
            @PathVariable UUID id,
            @PathVariable UUID sid,
            @RequestParam int x,
            @RequestParam int y,
            @RequestParam(defaultValue = "1") int area) {
        int side = square(area).magnified();
        return new PatchResponse(
                side,
                pixels.patch(id, sid, new Place(x, y), side).stream()
                        .map(rgb -> rgb.map(Rgb::hex).orElse(""))
                        .toList());
    }

    private static SampleArea square(int area) {
        return SampleArea.of(area)
                .orElseThrow(() -> new OutsidePictureException("An area is 1, 3, 7, 15 or 31 pixels across"));
    }

    /** @param ink hex of what is written on it */
    record SampleResponse(String hex, String ink) {
        static SampleResponse of(Rgb rgb) {
            return new SampleResponse(rgb.hex(), rgb.ink().hex());
        }
    }

    /**
     * @param side in pixels, odd
     * @param pixels row by row; empty where the picture ends or is transparent
     */
    record PatchResponse(int side, List<String> pixels) {}
}
