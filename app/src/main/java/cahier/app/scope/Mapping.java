package cahier.app.scope;

import org.mybatis.spring.boot.autoconfigure.MybatisProperties;
import org.mybatis.spring.boot.autoconfigure.SqlSessionFactoryBeanCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How MyBatis is set up: by application.yaml, and with records read by {@link RecordsByColumn}. */
@Configuration
class Mapping {

    @Bean
    SqlSessionFactoryBeanCustomizer recordsByColumn(MybatisProperties properties) {
        RecordsByColumn mappers = new RecordsByColumn();
        properties.getConfiguration().applyTo(mappers);
        return factory -> factory.setConfiguration(mappers);
    }
}
