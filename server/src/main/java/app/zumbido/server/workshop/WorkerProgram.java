package app.zumbido.server.workshop;

import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.EOFException;
import java.io.FileDescriptor;
import java.io.FileInputStream;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.ObjectInputStream;
import java.io.ObjectOutputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/** The program of a worker: takes tasks from standard input, one after the other, and ends with whoever started it. */
public final class WorkerProgram {
    /** The argument by which the server's own program becomes this one. */
    public static final String ARGUMENT = "--worker";

    private static final int BUFFER = 1 << 16;

    private final ObjectOutputStream out;
    private final ExecutorService work = Executors.newSingleThreadExecutor();

    private WorkerProgram(ObjectOutputStream out) {
        this.out = out;
    }

    /** Ends the process when standard input ends, whatever is being done then. */
    public static void run() throws IOException, ClassNotFoundException {
        ObjectOutputStream out =
                new ObjectOutputStream(new BufferedOutputStream(new FileOutputStream(FileDescriptor.out), BUFFER));
        out.flush();
        // Libraries that write something would otherwise write it into an answer.
        System.setOut(System.err);
        ObjectInputStream in =
                new ObjectInputStream(new BufferedInputStream(new FileInputStream(FileDescriptor.in), BUFFER));
        WorkerProgram program = new WorkerProgram(out);
        try {
            while (true) {
                Task<?> task = (Task<?>) in.readObject();
                program.work.execute(() -> program.answer(task));
            }
        } catch (EOFException e) {
            Runtime.getRuntime().halt(0);
        }
    }

    private void answer(Task<?> task) {
        try {
            out.writeObject(outcome(task));
            out.reset();
            out.flush();
        } catch (IOException e) {
            Runtime.getRuntime().halt(1);
        }
    }

    static Outcome outcome(Task<?> task) {
        try {
            return new Outcome.Done(task.run());
        } catch (UnreadableImageException e) {
            return new Outcome.Unreadable(e.reason(), String.valueOf(e.getMessage()));
        } catch (StackOverflowError e) {
            return new Outcome.Unreadable(Reason.BROKEN, "The file cannot be read: it is nested too deeply");
        } catch (RuntimeException e) {
            StringWriter trace = new StringWriter();
            e.printStackTrace(new PrintWriter(trace));
            return new Outcome.Failed(trace.toString());
        }
    }
}
