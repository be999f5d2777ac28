package cahier.app.web;

import java.time.Duration;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.ResourceUrlEncodingFilter;

/** Fonts never change under their name, so phones keep them; everything else is asked for again and mostly answered with 304. */
@Configuration
class StaticFiles implements WebMvcConfigurer {

    /** Each link of a page would be looked for among the files of all packages, two thirds of what drawing the desk took: our files have one address each. */
    @Bean
    FilterRegistrationBean<ResourceUrlEncodingFilter> noAddressesToLookUp() {
        FilterRegistrationBean<ResourceUrlEncodingFilter> none = new FilterRegistrationBean<>(new ResourceUrlEncodingFilter());
        none.setEnabled(false);
        return none;
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/fonts/*.woff2").addResourceLocations("classpath:/static/fonts/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable());
    }
}
