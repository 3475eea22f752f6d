package app.dapt.web.house;

import app.dapt.web.Download;
import app.dapt.web.Redirect;
import app.dapt.web.door.House;
import app.dapt.web.door.HouseKeys;
import app.dapt.web.entry.Entries;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.DeviceStore;
import app.dapt.web.workroom.DeviceStore.Device;
import app.dapt.web.workroom.DeviceStore.JoinCode;
import app.dapt.words.Words;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** Devices in the house: seen, let in and ended at home; joined from a device. */
@Controller
class HouseController {

    private static final Duration KEPT = Duration.ofDays(400);

    private final House house;
    private final HouseKeys keys;
    private final DeviceStore devices;
    private final Wording wording;
    private final Clock clock;

    HouseController(House house, HouseKeys keys, DeviceStore devices, Wording wording, Clock clock) {
        this.house = house;
        this.keys = keys;
        this.devices = devices;
        this.wording = wording;
        this.clock = clock;
    }

    @GetMapping("/devices")
    String devices(Reader reader, HttpServletRequest request, Model model) {
        return shown(Optional.empty(), reader, request, model);
    }

    /** Makes a code that lets one device in, and shows it. */
    @PostMapping("/devices")
    String offer(Reader reader, HttpServletRequest request, Model model) {
        needsHome(request);
        return house.isOpen() ? shown(Optional.of(devices.offer()), reader, request, model) : Redirect.to("/devices");
    }

    /** Ends a device's key: any at home, its own from a device. */
    @PostMapping("/devices/{id}/end")
    String end(@PathVariable long id, HttpServletRequest request) {
        if (DeviceFilter.device(request).filter(own -> own.id() == id).isEmpty()) {
            needsHome(request);
        }
        devices.end(id);
        return Redirect.to(house.isDoor(request.getLocalPort()) ? "/join" : "/devices");
    }

    /** The certificate that a device may install, so that it trusts what this house's Dapt says. */
    @GetMapping("/devices/authority.crt")
    ResponseEntity<byte[]> authority() {
        if (!house.isOpen()) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        return Download.file("dapt-authority.crt", MediaType.valueOf("application/x-x509-ca-cert"), keys.authority());
    }

    private void needsHome(HttpServletRequest request) {
        if (house.isDoor(request.getLocalPort())) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
    }

    private String shown(Optional<JoinCode> code, Reader reader, HttpServletRequest request, Model model) {
        Words words = wording.words(reader);
        model.addAttribute("w", words);
        model.addAttribute("here", "/devices");
        model.addAttribute(
                "house",
                new DevicesPage(
                        house.isOpen() ? house.origins() : List.of(),
                        house.isOpen() ? keys.fingerprint() : "",
                        devices.list(),
                        DeviceFilter.device(request).map(Device::id),
                        code,
                        clock.instant(),
                        words));
        return "house/devices";
    }

    /** Where a device asks to be let in: scanned codes lead here, numbers are typed here. */
    @GetMapping("/join")
    String ask(Reader reader, @RequestParam(defaultValue = "") String code, HttpServletRequest request, Model model) {
        return house.isDoor(request.getLocalPort())
                        && DeviceFilter.device(request).isEmpty()
                ? joining(code, "", reader, request, model)
                : Redirect.to("/devices");
    }

    @PostMapping("/join")
    String join(
            Reader reader,
            @RequestParam Map<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        if (!house.isDoor(request.getLocalPort())) {
            return Redirect.to("/devices");
        }
        Words words = wording.words(reader);
        String code = typed.getOrDefault("code", "").strip();
        String number = typed.getOrDefault("number", "").replaceAll("\\s", "");
        String name = new Entries(typed, words).text("name", DeviceStore.LONGEST_NAME, words.say("house.some-device"));
        Optional<String> key = devices.join(code.isEmpty() ? number : code, name);
        if (key.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return joining("", words.say("house.no-code"), reader, request, model);
        }
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(DeviceFilter.COOKIE, key.get())
                        .httpOnly(true)
                        .secure(true)
                        .sameSite("Lax")
                        .path("/")
                        .maxAge(KEPT)
                        .build()
                        .toString());
        return Redirect.to("/devices", "joined", "1");
    }

    private String joining(String code, String refusal, Reader reader, HttpServletRequest request, Model model) {
        Words words = wording.words(reader);
        model.addAttribute("w", words);
        model.addAttribute("here", "/join");
        model.addAttribute("code", code.matches("[A-Za-z0-9_-]{1,64}") ? code : "");
        model.addAttribute("refusal", refusal);
        model.addAttribute("name", words.say(isPhone(request) ? "house.phone" : "house.some-device"));
        return "house/join";
    }

    private static boolean isPhone(HttpServletRequest request) {
        String agent = request.getHeader(HttpHeaders.USER_AGENT);
        return agent != null && agent.contains("Mobi");
    }
}
