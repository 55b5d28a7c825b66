package potmellow.app.photo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import potmellow.app.caller.ForAtLeast;
import potmellow.app.caller.Role;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.Acts;
import potmellow.app.photo.PhotoStore.Photo;
import potmellow.app.pot.PotNames;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Missing;
import potmellow.app.said.SaidAt;

/** Pictures of pots. */
@RestController
@RequestMapping("/api/pots/{pot}/photos")
class PhotoController {
    private static final int MOST_OF_ONE_POT = 60;

    private final GardenService gardens;
    private final PotNames pots;
    private final PhotoStore photos;
    private final Acts acts;
    private final TransactionTemplate transactions;
    private final Clock clock;

    PhotoController(
            GardenService gardens,
            PotNames pots,
            PhotoStore photos,
            Acts acts,
            TransactionTemplate transactions,
            Clock clock) {
        this.gardens = gardens;
        this.pots = pots;
        this.photos = photos;
        this.acts = acts;
        this.transactions = transactions;
        this.clock = clock;
    }

    @ForAtLeast(Role.LOOKER)
    @GetMapping
    List<PhotoView> photos(@PathVariable UUID pot) {
        return views(gardens.current(), pot);
    }

    /** Takes a picture in: JPEG, PNG or WebP of at most 8 MB. */
    @ForAtLeast(Role.LOOKER)
    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    List<PhotoView> add(
            @PathVariable UUID pot,
            @RequestHeader(name = "Idempotency-Key") Optional<UUID> key,
            @RequestHeader(name = SaidAt.HEADER) Optional<Instant> saidAt,
            @RequestPart MultipartFile picture) {
        Garden garden = gardens.current();
        Instant taken = SaidAt.of(saidAt, clock.instant()).at();
        pots.require(garden, pot);
        byte[] sent = bytes(picture);
        // Drawn before anything is held back: it takes its time.
        Redrawn redrawn = FieldProblem.reading("picture", () -> Redrawn.of(sent));
        UUID id = key.orElseGet(UUID::randomUUID);
        transactions.executeWithoutResult(status -> {
            if (acts.first(garden, id, "picture", pot, sent)) {
                keep(garden, new Photo(id, pot, taken, redrawn.width(), redrawn.height()), redrawn);
            }
        });
        return views(garden, pot);
    }

    private void keep(Garden garden, Photo photo, Redrawn redrawn) {
        if (photos.of(garden.id(), photo.batchId()).size() >= MOST_OF_ONE_POT) {
            throw new Conflict("photos-full", "A pot has at most " + MOST_OF_ONE_POT + " pictures. Strike some first.");
        }
        photos.keep(garden.id(), photo, redrawn);
    }

    /**
     * A picture as long as it is not struck; a browser that has it asks each time whether it still may show it.
     *
     * @param small whether the small picture is wanted
     */
    @ForAtLeast(Role.LOOKER)
    @GetMapping(path = "/{photo}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> picture(
            @PathVariable UUID pot, @PathVariable UUID photo, @RequestParam(defaultValue = "false") boolean small) {
        Garden garden = gardens.current();
        pots.require(garden, pot);
        byte[] bytes = photos.bytes(garden.id(), pot, photo, small).orElseThrow(() -> new Missing("picture"));
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noCache().cachePrivate())
                .eTag(photo + (small ? "-small" : ""))
                .contentType(MediaType.IMAGE_JPEG)
                .body(bytes);
    }

    /** Takes a picture out of sight. */
    @PostMapping("/{photo}/strikes")
    @ResponseStatus(HttpStatus.OK)
    @Transactional
    List<PhotoView> strike(@PathVariable UUID pot, @PathVariable UUID photo) {
        Garden garden = gardens.current();
        if (!photos.strike(garden.id(), pot, photo, clock.instant())) {
            throw new Conflict("struck-already", "That picture is struck already. Look at the page again.");
        }
        return views(garden, pot);
    }

    private List<PhotoView> views(Garden garden, UUID pot) {
        return photos.of(garden.id(), pot).stream()
                .map(photo -> new PhotoView(photo.id(), photo.at(), photo.width(), photo.height()))
                .toList();
    }

    private static byte[] bytes(MultipartFile picture) {
        try {
            return picture.getBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    record PhotoView(UUID id, Instant at, int width, int height) {}
}
