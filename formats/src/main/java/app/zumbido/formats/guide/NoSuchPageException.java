package app.zumbido.formats.guide;

/** A page was asked for that the guide does not have. */
public final class NoSuchPageException extends RuntimeException {
    NoSuchPageException(int page, int pages) {
        super("The guide has " + pages + (pages == 1 ? " page" : " pages") + ", so there is no page " + page);
    }
}
