# The app for a server; its database is another's work. docs/running.md tells how both are run.
# A release that is named, so that the same is built tomorrow; a newer one is named here.
ARG DEBIAN=debian:12.11-slim
FROM ${DEBIAN} AS build
RUN apt-get update && apt-get install -y --no-install-recommends ca-certificates
WORKDIR /source
COPY . .
RUN ./zesty build /built

FROM ${DEBIAN}
RUN apt-get update \
    && apt-get install -y --no-install-recommends default-jre-headless \
    && rm -rf /var/lib/apt/lists/*
COPY --from=build /built /app
USER nobody
EXPOSE 8080
ENV LC_ALL=C.UTF-8
ENTRYPOINT ["java", "-XX:+UseParallelGC", "-XX:MaxRAMPercentage=60", "-Dspring.aot.enabled=true", \
    "-jar", "/app/zesty-thumb.jar", "--server.address=0.0.0.0"]
