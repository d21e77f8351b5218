package app.zumbido.server;

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
    public static void main(String[] args) {
        SpringApplication.run(ZumbidoApplication.class, args);
    }
}
