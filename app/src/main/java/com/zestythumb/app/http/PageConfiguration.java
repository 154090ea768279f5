package com.zestythumb.app.http;

import java.util.concurrent.TimeUnit;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;

/** The page's own addresses lead to its one HTML file; its hashed assets may be kept for good. */
@Configuration
class PageConfiguration implements WebMvcConfigurer {

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        registry.addViewController("/bring").setViewName("forward:/index.html");
        registry.addViewController("/rules/{code}").setViewName("forward:/index.html");
        registry.addViewController("/formats").setViewName("forward:/index.html");
        registry.addViewController("/exercises/**").setViewName("forward:/index.html");
        registry.addViewController("/answer/{code}").setViewName("forward:/index.html");
        registry.addViewController("/practise/{code}").setViewName("forward:/index.html");
        registry.addViewController("/tunes/{id}").setViewName("forward:/index.html");
        registry.addViewController("/tunes/{id}/{stage}").setViewName("forward:/index.html");
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(
                        CacheControl.maxAge(365, TimeUnit.DAYS).cachePublic().immutable())
                .resourceChain(true)
                // The build lays packed copies beside the large files.
                .addResolver(new EncodedResourceResolver());
    }
}
