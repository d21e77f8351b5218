package app.zumbido.server.job;

import app.zumbido.server.http.WireNames;
import jakarta.validation.Valid;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Long work: asked for, followed, stopped, and its file fetched. */
@RestController
@RequestMapping("/api/jobs")
class JobController {
    private final Jobs jobs;
    private final List<JobMaker> makers;

    JobController(Jobs jobs, List<JobMaker> makers) {
        this.jobs = jobs;
        this.makers = makers;
    }

    /** Takes the work on; what cannot be done at all is refused here, and not when it is its turn. */
    @PostMapping
    @ResponseStatus(HttpStatus.ACCEPTED)
    ResponseEntity<JobResponse> start(@Valid @RequestBody JobRequest request) {
        JobMaker maker = makers.stream()
                .filter(candidate -> candidate.kind().equals(request.kind()))
                .findFirst()
                .orElseThrow(() -> JobException.unknownKind(request.kind()));
        Job job = jobs.start(maker.make(request));
        return ResponseEntity.accepted()
                .location(URI.create("/api/jobs/" + job.id()))
                .body(JobResponse.of(job));
    }

    /** How far it is. */
    @GetMapping("/{id}")
    JobResponse find(@PathVariable UUID id) {
        return JobResponse.of(jobs.find(id));
    }

    /** Events {@code progress} while it goes on, then one {@code done}, {@code failed} or {@code stopped}; each with the job. */
    @GetMapping(path = "/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter follow(@PathVariable UUID id) {
        return jobs.listen(id);
    }

    /** The file of a job that is done; it is kept for an hour. */
    @GetMapping("/{id}/file")
    ResponseEntity<Resource> file(@PathVariable UUID id) {
        Job job = jobs.find(id);
        if (job.state() != JobState.DONE) {
            throw JobException.noFile(WireNames.of(job.state()));
        }
        String disposition = ContentDisposition.attachment()
                .filename(job.work().fileName(), StandardCharsets.UTF_8)
                .build()
                .toString();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition)
                .contentType(MediaType.parseMediaType(job.work().mediaType()))
                .body(new FileSystemResource(job.file()));
    }

    /** Stops it at its next checkpoint; of one that is over, its file is thrown away. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop(@PathVariable UUID id) {
        jobs.stop(id);
    }
}
