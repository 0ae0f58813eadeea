package kindthimble.app.reach;

import jakarta.annotation.Nullable;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.UUID;
import kindthimble.app.http.NotThere;
import kindthimble.app.live.DeviceOut;
import kindthimble.core.words.Refused;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The devices that were let in, and how others are. */
@Service
@Transactional
class DeviceService {
    private static final Duration INVITED = Duration.ofMinutes(10);
    private static final int KEY_BYTES = 18;
    private static final int LONGEST_NAME = 60;
    private static final int MOST = 100;

    private final DeviceRepository devices;
    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final SharedPassword password;
    private final Clock clock;
    private final ApplicationEventPublisher published;
    private final SecureRandom random = new SecureRandom();

    DeviceService(
            DeviceRepository devices,
            FindByIndexNameSessionRepository<? extends Session> sessions,
            SharedPassword password,
            Clock clock,
            ApplicationEventPublisher published) {
        this.devices = devices;
        this.sessions = sessions;
        this.password = password;
        this.clock = clock;
        this.published = published;
    }

    /**
     * @param id by which it is unpaired
     * @param name as it was called when it was let in
     * @param pairedAt when that was
     * @param lastHere when it was here last; null for never
     */
    record Device(
            String id,
            String name,
            Instant pairedAt,
            @Nullable Instant lastHere) {}

    /**
     * @param key that lets one device in
     * @param until when it does
     */
    record Invitation(String key, Instant until) {}

    @Transactional(readOnly = true)
    public List<Device> all() {
        return devices.findAllByOrderByPairedAt().stream()
                .map(one -> {
                    Long last = devices.lastHere(one.id());
                    return new Device(
                            one.id(), one.name(), one.pairedAt(), last == null ? null : Instant.ofEpochMilli(last));
                })
                .toList();
    }

    @Transactional(readOnly = true)
    public String name(String id) {
        return devices.findById(id).map(DeviceEntity::name).orElse("");
    }

    public Invitation invite() {
        byte[] bytes = new byte[KEY_BYTES];
        random.nextBytes(bytes);
        String key = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        Instant until = clock.instant().plus(INVITED);
        devices.forget(clock.instant());
        devices.invite(hash(key), until);
        return new Invitation(key, until);
    }

    /**
     * Lets a device in by a key of an invitation.
     *
     * @return its id
     * @throws Refused when the key is used, or too old
     */
    public String pair(String key, String name) {
        String tidy = tidy(name);
        if (devices.use(hash(key), clock.instant()) == 0) {
            throw new Refused(
                    "key",
                    "This key has let a device in already, or is older than ten minutes. Make a new one at the kitchen's computer.");
        }
        return add(tidy);
    }

    /**
     * Lets a device in by the password.
     *
     * @param address where it was typed
     * @return its id
     * @throws Refused when that is wrong
     */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public String signIn(String typed, String name, String address) {
        String tidy = tidy(name);
        password.check(typed, address);
        return add(tidy);
    }

    private String add(String name) {
        if (devices.count() >= MOST) {
            throw new Refused(
                    "", "%d devices are let in already. Unpair one that is not used any more.".formatted(MOST));
        }
        DeviceEntity device = new DeviceEntity(UUID.randomUUID().toString(), free(name, null), clock.instant());
        return devices.save(device).id();
    }

    /** Steps at the bench belong to a device by its name: no two have the same. */
    private String free(String name, @Nullable String except) {
        List<String> taken = devices.findAll().stream()
                .filter(device -> !device.id().equals(except))
                .map(DeviceEntity::name)
                .toList();
        String free = name;
        for (int n = 2; taken.contains(free); n++) {
            String number = " " + n;
            free = name.substring(0, Math.min(name.length(), LONGEST_NAME - number.length())) + number;
        }
        return free;
    }

    private static String tidy(String name) {
        String tidy = name == null ? "" : name.strip();
        if (tidy.isEmpty() || tidy.length() > LONGEST_NAME) {
            throw new Refused("name", "Give the device a name, of at most %d letters.".formatted(LONGEST_NAME));
        }
        return tidy;
    }

    void rename(String id, String name) {
        devices.findById(id).orElseThrow(() -> new NotThere("device")).setName(free(tidy(name), id));
    }

    /** Turns a device out, at once. */
    public void unpair(String id) {
        if (!devices.existsById(id)) {
            throw new NotThere("device");
        }
        devices.deleteById(id);
        // Nor by a key that it may have seen.
        devices.forgetAll();
        sessions.findByPrincipalName(id).keySet().forEach(sessions::deleteById);
        published.publishEvent(new DeviceOut(id));
    }

    private static String hash(String key) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256")
                            .digest((key == null ? "" : key).getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
