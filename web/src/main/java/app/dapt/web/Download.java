package app.dapt.web;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** An answer that a browser keeps as a file. */
public final class Download {

    private Download() {}

    public static ResponseEntity<byte[]> file(String name, MediaType type, byte[] content) {
        return ResponseEntity.ok().headers(headers(name, type)).body(content);
    }

    /** What makes a browser keep an answer as a file of that name. */
    public static HttpHeaders headers(String name, MediaType type) {
        HttpHeaders headers = new HttpHeaders();
        headers.setContentType(type);
        headers.setContentDisposition(
                ContentDisposition.attachment().filename(name).build());
        return headers;
    }
}
