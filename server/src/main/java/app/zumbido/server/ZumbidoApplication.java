package app.zumbido.server;

import app.zumbido.server.backup.BackupCommands;
import app.zumbido.server.workshop.WorkerProgram;
import java.io.IOException;
import org.apache.ibatis.annotations.Mapper;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts the server. */
@SpringBootApplication
@EnableScheduling
@MapperScan(annotationClass = Mapper.class)
public class ZumbidoApplication {
    /** Also the program of the workers that the server starts. */
    public static void main(String[] args) throws IOException, ClassNotFoundException {
        if (args.length == 1 && args[0].equals(WorkerProgram.ARGUMENT)) {
            WorkerProgram.run();
            return;
        }
        if (BackupCommands.isOne(args)) {
            System.exit(BackupCommands.run(args));
        }
        SpringApplication.run(ZumbidoApplication.class, args);
    }
}
