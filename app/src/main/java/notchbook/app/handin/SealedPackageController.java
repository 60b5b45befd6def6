package notchbook.app.handin;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Download;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SealedPackageController {
    private final HandIns handIns;
    private final SealedPackage packages;

    SealedPackageController(HandIns handIns, SealedPackage packages) {
        this.handIns = handIns;
        this.packages = packages;
    }

    /** A sealed version with all its parts, its manifest and its signed seal, as one ZIP file. */
    @GetMapping("/api/hand-ins/{id}/package")
    void sealedPackage(@AuthenticationPrincipal Person reader, @PathVariable UUID id, HttpServletResponse response)
            throws IOException {
        var handIn = handIns.require(reader, id);
        response.setContentType("application/zip");
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                Download.named(handIn.title() + " version " + handIn.version(), "zip"));
        packages.write(handIn, response.getOutputStream());
    }
}
