package app.unimetric.server;

import org.apache.ibatis.annotations.Mapper;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;

/** The server: carries the core to the screens and keeps what people said. */
@SpringBootApplication
@ConfigurationPropertiesScan
@MapperScan(annotationClass = Mapper.class)
public class Unimetric {
  public static void main(String[] args) {
    SpringApplication.run(Unimetric.class, args);
  }
}
