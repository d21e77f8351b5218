package app.zumbido.server.job;

import app.zumbido.server.http.EventStreams;
import app.zumbido.server.http.WireNames;
import app.zumbido.server.storage.DataFolder;
import app.zumbido.server.storage.Ids;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Does long work one piece after the other, and keeps what came of it for a while. */
@Service
class Jobs implements DisposableBean {
    private static final String PROGRESS = "progress";
    private static final Logger LOG = LoggerFactory.getLogger(Jobs.class);
    private static final int MOST = 50;
    private static final Duration KEPT = Duration.ofHours(1);
    private static final long SWEEP_MILLIS = 60_000;

    private final Map<UUID, Job> jobs = new ConcurrentHashMap<>();
    /** One at a time: whatever takes long takes memory too. */
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> new Thread(task, "jobs"));

    private final EventStreams streams;
    private final Ids ids;
    private final Clock clock;
    private final Path folder;

    Jobs(EventStreams streams, Ids ids, Clock clock, DataFolder data) {
        this.streams = streams;
        this.ids = ids;
        this.clock = clock;
        this.folder = data.onItsWay();
    }

    /** @throws JobException if too many are waiting already */
    Job start(JobWork work) {
        long open = jobs.values().stream().filter(job -> !job.state().isOver()).count();
        if (open >= MOST) {
            throw JobException.tooMany(MOST);
        }
        UUID id = ids.next();
        Job job = new Job(id, work, folder.resolve(id.toString()), this::tell);
        jobs.put(id, job);
        worker.execute(() -> run(job));
        return job;
    }

    private void run(Job job) {
        try {
            job.run(clock);
        } catch (IOException | RuntimeException e) {
            LOG.error("The job for {} failed", job.work().fileName(), e);
        }
    }

    private void tell(Job job) {
        streams.tell(job.id(), eventName(job), JobResponse.of(job));
        if (job.state().isOver()) {
            streams.end(job.id());
        }
    }

    private static String eventName(Job job) {
        return job.state().isOver() ? WireNames.of(job.state()) : PROGRESS;
    }

    /** Begins with how far it is now; ends with its end. */
    SseEmitter listen(UUID id) {
        Job job = find(id);
        String first = eventName(job);
        SseEmitter stream = streams.open(id, SseEmitter.event().name(first).data(JobResponse.of(job)));
        // It may have ended between the two, or long ago; whoever listens must hear of it and not wait for ever.
        if (job.state().isOver()) {
            if (first.equals(PROGRESS)) {
                streams.tell(id, eventName(job), JobResponse.of(job));
            }
            streams.end(id);
        }
        return stream;
    }

    /** @throws UnknownJobException if there is none, or it ended long ago */
    Job find(UUID id) {
        Job job = jobs.get(id);
        if (job == null) {
            throw new UnknownJobException(id);
        }
        return job;
    }

    /** Stops what is not done yet, and forgets what is. */
    void stop(UUID id) {
        Job job = find(id);
        if (job.state().isOver()) {
            forget(job);
        } else {
            job.stop(clock.instant());
        }
    }

    private void forget(Job job) {
        jobs.remove(job.id());
        try {
            Files.deleteIfExists(job.file());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Scheduled(fixedRate = SWEEP_MILLIS)
    void sweep() {
        Instant before = clock.instant().minus(KEPT);
        List<Job> old = jobs.values().stream()
                .filter(job ->
                        job.endedAt().filter(ended -> ended.isBefore(before)).isPresent())
                .toList();
        old.forEach(this::forget);
    }

    @Override
    public void destroy() {
        jobs.values().forEach(job -> job.stop(clock.instant()));
        worker.shutdownNow();
    }
}
