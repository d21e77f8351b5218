package app.zumbido.server.workshop;

import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.server.storage.DataFolder;
import java.io.IOException;
import java.io.Serializable;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.Deque;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedDeque;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Does tasks in processes of their own, two at a time. One that takes too long is ended with its process; the next begins in
 * a new one.
 */
@Component
public class Workshop implements DisposableBean {
    private static final int WORKERS = 2;
    /** Others wait so long behind what does not come to an end; milliseconds. */
    private static final long PATIENCE = 1_000;
    /** What has not taken this share of its budget is ordinary work; a slide takes a third of it, measured. */
    private static final double MUCH = 1.0 / 8;
    /** Share of the budget that a new process needs to load the libraries for its first task; measured on slides. */
    private static final double FIRST_TIME = 3.0 / 8;
    /** By the clock so many times the budget, since the machine may have much else to do. */
    private static final int BY_THE_CLOCK = 3;

    private static final long LOOK_MILLIS = 100;
    private static final Duration IDLE = Duration.ofMinutes(2);
    /** Source: the description of {@code -XX:+ExitOnOutOfMemoryError}. */
    private static final int OUT_OF_MEMORY = 3;

    private final Duration budget;
    private final WorkerCommand program;
    private final Turns turns = new Turns(WORKERS, PATIENCE, this::isHeldUp);
    private final Deque<Worker> idle = new ConcurrentLinkedDeque<>();
    private final Map<Worker, Watch> busy = new ConcurrentHashMap<>();
    private final ScheduledExecutorService watch = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "workshop-watch");
        thread.setDaemon(true);
        return thread;
    });

    /** @param budget what a task may take of a processor */
    @Autowired
    Workshop(
            @Value("${zumbido.drawing-budget}") Duration budget,
            @Value("${zumbido.worker-program}") String mainClass,
            DataFolder folder) {
        this(budget, mainClass, folder.onItsWay());
    }

    Workshop(Duration budget, String mainClass, Path onItsWay) {
        this.budget = budget;
        this.program = new WorkerCommand(mainClass, onItsWay);
    }

    /**
     * @return what comes of the task
     * @throws UnreadableImageException as the task does
     * @throws WorkshopException if it takes too much, or others do and nothing moves
     */
    public <T extends Serializable> T run(Task<T> task) {
        turns.take(1);
        try {
            Outcome outcome = outcome(task);
            if (outcome instanceof Outcome.Done done) {
                @SuppressWarnings("unchecked")
                T value = (T) done.value();
                return value;
            }
            if (outcome instanceof Outcome.Unreadable unreadable) {
                throw new UnreadableImageException(unreadable.reason(), unreadable.message());
            }
            throw new IllegalStateException("A task failed: " + ((Outcome.Failed) outcome).trace());
        } finally {
            turns.give(1);
        }
    }

    private Outcome outcome(Task<?> task) {
        Worker known = idle.poll();
        if (known != null) {
            Optional<Outcome> outcome = ask(known, task);
            if (outcome.isPresent()) {
                return outcome.get();
            }
            // It had ended while it idled, which is no fault of the task.
        }
        return ask(start(), task).orElseThrow(() -> new IllegalStateException("A worker ended before it answered"));
    }

    private Worker start() {
        try {
            return Worker.start(program);
        } catch (IOException e) {
            throw new IllegalStateException("No process can be started to draw in", e);
        }
    }

    /** @return nothing if the worker ended by itself */
    private Optional<Outcome> ask(Worker worker, Task<?> task) {
        Watch watched = new Watch(worker);
        busy.put(worker, watched);
        ScheduledFuture<?> looking =
                watch.scheduleWithFixedDelay(watched, LOOK_MILLIS, LOOK_MILLIS, TimeUnit.MILLISECONDS);
        try {
            Outcome outcome = worker.ask(task);
            idle.push(worker);
            return Optional.of(outcome);
        } catch (IOException e) {
            int code = worker.end();
            if (watched.over) {
                throw WorkshopException.tooLong(budget.toSeconds());
            }
            if (code == OUT_OF_MEMORY) {
                throw WorkshopException.tooLarge();
            }
            return Optional.empty();
        } catch (RuntimeException e) {
            worker.stop();
            throw e;
        } finally {
            looking.cancel(false);
            busy.remove(worker);
        }
    }

    /** Ends the process when its task takes too long. */
    private final class Watch implements Runnable {
        private final Worker worker;
        private final Duration before;
        private final double firstTime;
        private final long begun = System.nanoTime();
        private volatile boolean over;

        Watch(Worker worker) {
            this.worker = worker;
            this.before = worker.used();
            this.firstTime = worker.isFresh() ? FIRST_TIME : 0;
        }

        /** @return share of the budget that is used */
        private double share() {
            return (double) worker.used().minus(before).toMillis() / budget.toMillis() - firstTime;
        }

        boolean hasTakenMuch() {
            return share() > MUCH;
        }

        @Override
        public void run() {
            Duration passed = Duration.ofNanos(System.nanoTime() - begun);
            if (share() > 1 || passed.compareTo(budget.multipliedBy(BY_THE_CLOCK)) > 0) {
                over = true;
                worker.stop();
            }
        }
    }

    /** Whether every worker has something to do that has taken a good part of its budget already. */
    private boolean isHeldUp() {
        return isFull() && busy.values().stream().allMatch(Watch::hasTakenMuch);
    }

    /** Whether every worker has something to do. */
    boolean isFull() {
        return busy.size() == WORKERS;
    }

    /** Workers that nobody needs give their memory back. */
    @Scheduled(fixedDelay = 30, timeUnit = TimeUnit.SECONDS)
    void rest() {
        Instant before = Instant.now().minus(IDLE);
        for (Worker worker : idle) {
            if (worker.hasIdledSince(before) && idle.remove(worker)) {
                worker.stop();
            }
        }
    }

    @Override
    public void destroy() {
        watch.shutdownNow();
        idle.forEach(Worker::stop);
        busy.keySet().forEach(Worker::stop);
    }
}
