package app.zumbido.server.delivery;

import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import java.util.List;
import org.springframework.http.HttpStatus;

/** What is asked for needs all twelve slots, and some are empty. */
public class SlotsUnfilledException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM =
            new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "slot-unfilled", "Empty theme slots");

    SlotsUnfilledException(List<ThemeSlot> slots) {
        super(
                PROBLEM,
                "Theme slots are empty: " + slots.stream().map(ThemeSlot::code).toList());
        fact("slots", slots.stream().map(ThemeSlot::code).toList());
    }
}
