package app.zumbido.server.delivery;

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

    DeliveryJobs(BrandKeeper keeper, Deliveries deliveries) {
        this.keeper = keeper;
        this.deliveries = deliveries;
    }

    @Override
    public String kind() {
        return "delivery";
    }

    @Override
    public JobWork make(JobRequest request) {
        return deliveries.prepare(request.what(), keeper.look(request.brandId(), request.themeId()));
    }
}
