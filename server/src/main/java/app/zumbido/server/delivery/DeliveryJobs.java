package app.zumbido.server.delivery;

import app.zumbido.core.brand.Look;
import app.zumbido.formats.parcel.Parcel;
import app.zumbido.server.job.JobMaker;
import app.zumbido.server.job.JobRequest;
import app.zumbido.server.job.JobWork;
import app.zumbido.server.trail.BrandKeeper;
import org.springframework.stereotype.Component;

/** Whatever is handed over can be made as a job, from the brand as it stands when it is asked for. */
@Component
class DeliveryJobs implements JobMaker {
    private final BrandKeeper keeper;
    private final Deliveries deliveries;
    private final OpenPoints openPoints;
    private final HandedOver log;

    DeliveryJobs(BrandKeeper keeper, Deliveries deliveries, OpenPoints openPoints, HandedOver log) {
        this.keeper = keeper;
        this.deliveries = deliveries;
        this.openPoints = openPoints;
        this.log = log;
    }

    @Override
    public String kind() {
        return "delivery";
    }

    @Override
    public JobWork make(JobRequest request) {
        Look look = keeper.look(request.brandId(), request.themeId());
        if (!request.what().equals(Deliveries.PARCEL)) {
            return deliveries.prepare(request.what(), look);
        }
        Parcel parcel = deliveries.parcel(look, request.items());
        return new PreparedParcel(
                parcel, look, deliveries.assets(look.brand()), Deliveries.parcelName(look), openPoints.of(look), log);
    }
}
