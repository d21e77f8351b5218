package app.zumbido.server.delivery;

import app.zumbido.core.brand.Look;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.parcel.Parcel;
import app.zumbido.server.job.JobWork;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;

/**
 * A parcel that is to be made as a job; it stands in the log once it is done.
 *
 * @param openPoints what was to be looked at when somebody asked for it
 * @param files filled while it is written
 */
record PreparedParcel(
        Parcel parcel,
        Look look,
        Assets assets,
        String fileName,
        List<OpenPointResponse> openPoints,
        HandedOver log,
        List<HandedFile> files)
        implements JobWork {
    PreparedParcel(
            Parcel parcel,
            Look look,
            Assets assets,
            String fileName,
            List<OpenPointResponse> openPoints,
            HandedOver log) {
        this(parcel, look, assets, fileName, openPoints, log, new ArrayList<>());
    }

    @Override
    public String mediaType() {
        return "application/zip";
    }

    @Override
    public int steps() {
        return Parcel.possible(parcel.items(), look).size();
    }

    @Override
    public void write(OutputStream out, Runnable step) throws IOException {
        String[] last = {""};
        parcel.write(Order.of(look, assets), out, (path, writer, made, content) -> {
            files.add(HandedFile.of(path, writer.kind(), made.themeId(), content));
            if (!writer.kind().equals(last[0])) {
                last[0] = writer.kind();
                step.run();
            }
        });
    }

    @Override
    public void done(InputStream file) {
        log.add(this, file);
    }
}
