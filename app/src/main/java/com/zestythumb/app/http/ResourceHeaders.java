package com.zestythumb.app.http;

import org.springframework.core.MethodParameter;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyAdvice;

/** Tells the address of what was made, and the version of what has one. */
@RestControllerAdvice
class ResourceHeaders implements ResponseBodyAdvice<Object> {

    @Override
    public boolean supports(MethodParameter method, Class<? extends HttpMessageConverter<?>> converter) {
        return true;
    }

    @Override
    public Object beforeBodyWrite(
            Object body,
            MethodParameter method,
            MediaType type,
            Class<? extends HttpMessageConverter<?>> converter,
            ServerHttpRequest request,
            ServerHttpResponse response) {
        ResponseStatus status = method.getMethodAnnotation(ResponseStatus.class);
        if (body instanceof Resource made && status != null && status.value() == HttpStatus.CREATED) {
            response.getHeaders().set("Location", made.address());
        }
        if (body instanceof Versioned kept) {
            response.getHeaders().setETag("\"" + kept.version() + "\"");
        }
        return body;
    }
}
