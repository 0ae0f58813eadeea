package kindthimble.app.reach;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import kindthimble.core.words.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The devices on the home network: how they come in, and go out. */
@RestController
@RequestMapping("/api/reach")
class ReachController {
    private final Share share;
    private final DeviceService devices;
    private final SharedPassword password;
    private final HttpSessionSecurityContextRepository contexts = new HttpSessionSecurityContextRepository();

    ReachController(Share share, DeviceService devices, SharedPassword password) {
        this.share = share;
        this.devices = devices;
        this.password = password;
    }

    /**
     * @param isShared whether devices can come in over the home network
     * @param isHere whether this is the kitchen's own computer
     * @param isIn whether whoever asks is let in
     * @param device id of the device that asks; empty at the kitchen's computer
     * @param name of it
     * @param addresses where devices find the application; none to who is not let in
     */
    @Schema(name = "ReachView")
    record View(boolean isShared, boolean isHere, boolean isIn, String device, String name, List<String> addresses) {}

    /** How whoever asks stands. */
    @GetMapping
    View view(HttpServletRequest request, @Nullable Principal device) {
        boolean isHere = !request.isSecure();
        String id = isHere || device == null ? "" : device.getName();
        boolean isIn = isHere || device != null;
        return new View(
                share.isOn(),
                isHere,
                isIn,
                id,
                id.isEmpty() ? "" : devices.name(id),
                isIn && share.isOn() ? share.addresses() : List.of());
    }

    /** @param password as it was typed */
    @Schema(name = "ReachSignIn")
    record SignIn(String password, String name) {}

    /** @param key of an invitation */
    @Schema(name = "ReachPairing")
    record Pairing(String key, String name) {}

    /** Lets a device in by the password. */
    @PostMapping("/sign-in")
    View signIn(@RequestBody SignIn wanted, HttpServletRequest request, HttpServletResponse response) {
        overTheNetwork(request);
        String typed = wanted.password() == null ? "" : wanted.password();
        return in(devices.signIn(typed, wanted.name(), request.getRemoteAddr()), request, response);
    }

    /** Lets a device in by a key that was shown at the kitchen's computer. */
    @PostMapping("/pair")
    View pair(@RequestBody Pairing wanted, HttpServletRequest request, HttpServletResponse response) {
        overTheNetwork(request);
        return in(devices.pair(wanted.key(), wanted.name()), request, response);
    }

    private static void overTheNetwork(HttpServletRequest request) {
        if (!request.isSecure()) {
            throw new Refused("", "The kitchen's own computer is always let in.");
        }
    }

    /** Who lets others in is at the kitchen's own computer: a device that was let in once lets nobody else in. */
    private static void here(HttpServletRequest request) {
        if (request.isSecure()) {
            throw new Refused("", "Do this at the kitchen's own computer.");
        }
    }

    private View in(String device, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        UsernamePasswordAuthenticationToken in = UsernamePasswordAuthenticationToken.authenticated(
                device, null, List.of(new SimpleGrantedAuthority("DEVICE")));
        context.setAuthentication(in);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        return view(request, in);
    }

    /** All devices that are let in. */
    @GetMapping("/devices")
    List<DeviceService.Device> devices() {
        return devices.all();
    }

    /** @param name of a device */
    @Schema(name = "ReachName")
    record Name(String name) {}

    @PatchMapping("/devices/{device}")
    List<DeviceService.Device> rename(@PathVariable String device, @RequestBody Name name) {
        devices.rename(device, name.name());
        return devices.all();
    }

    /** Turns a device out, at once. */
    @DeleteMapping("/devices/{device}")
    List<DeviceService.Device> unpair(@PathVariable String device) {
        devices.unpair(device);
        return devices.all();
    }

    /**
     * @param addresses that let one device in, the first one drawn
     * @param side of the drawn square, in fields
     * @param path of its dark fields
     * @param until when they do
     */
    @Schema(name = "ReachInvitation")
    record Invited(List<String> addresses, int side, String path, Instant until) {}

    /** Makes a key that lets one device in, for ten minutes. */
    @PostMapping("/invitations")
    @ResponseStatus(HttpStatus.CREATED)
    Invited invite(HttpServletRequest request) {
        here(request);
        DeviceService.Invitation made = shared();
        List<String> addresses = share.addresses().stream()
                .map(address -> at(address, made.key()))
                .toList();
        Square.Drawn square = Square.path(addresses.get(0));
        return new Invited(addresses, square.side(), square.path(), made.until());
    }

    /** The same for a terminal. */
    @PostMapping(value = "/invitations/letters", produces = MediaType.TEXT_PLAIN_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    String inviteInLetters(HttpServletRequest request) {
        here(request);
        String address = at(share.addresses().isEmpty() ? "" : share.addresses().get(0), shared().key());
        return Square.letters(address) + "\n" + address + "\n";
    }

    private DeviceService.Invitation shared() {
        if (!share.isOn()) {
            throw new Refused("", "The application is not shared now. Stop it, and start it with bin/start --share.");
        }
        return devices.invite();
    }

    private static String at(String address, String key) {
        return address + "/pair#" + key;
    }

    /** Another password; devices that are in stay in. */
    @PostMapping("/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void choose(@RequestBody SignIn chosen, HttpServletRequest request) {
        here(request);
        password.set(chosen.password() == null ? "" : chosen.password());
    }
}
