"""Asks a running sample world everything that can be asked, then gives it years of history, and asks again.

    ./mellow demo --port 8099                                   # in another terminal
    python3 docs/years-benchmark.py 8099 .mellow/demo 1000 100000

Prints the median of each GET for each number of past pots, how it grew, and its size. Written for docs/benchmarks.md.
"""

import pathlib
import statistics
import subprocess
import sys
import time
import json
import urllib.error
import urllib.request

PORT, HOME = sys.argv[1], pathlib.Path(sys.argv[2])
SIZES = [int(size) for size in sys.argv[3:]]
ROUNDS = 15


def ask(path):
    request = urllib.request.Request(f"http://127.0.0.1:{PORT}{path}", headers={"Accept-Encoding": "gzip"})
    try:
        with urllib.request.urlopen(request, timeout=120) as answer:
            return answer.status, answer.read()
    except urllib.error.HTTPError as refused:
        return refused.code, refused.read()


def plain(path):
    with urllib.request.urlopen(f"http://127.0.0.1:{PORT}{path}") as answer:
        return json.load(answer)


def questions():
    pot = next(pot["id"] for pot in plain("/api/pots") if pot["name"] == "Mugwort juice")
    filled = {
        "/api/pots/{id}": f"/api/pots/{pot}",
        "/api/pots/{id}/meters/{meter}": f"/api/pots/{pot}/meters/PH",
        "/api/pots/{pot}/photos": f"/api/pots/{pot}/photos",
        "/api/codes/{code}": "/api/codes/J4",
        "/api/found": "/api/found?words=nettle",
        "/api/typed": "/api/typed?as=VOLUME&text=2%20L",
        "/api/plan/needs/{product}": "/api/plan/needs/plant-juice",
        "/api/bench/{id}/sources": "/api/bench/shells/sources",
        "/api/book/methods/{id}": "/api/book/methods/plant-juice-open",
        "/api/book/products/{id}/schools": "/api/book/products/plant-juice/schools",
    }
    paths = plain("/v3/api-docs")["paths"]
    asked = [filled.get(path, path) for path, acts in paths.items() if "get" in acts and path != "/api/garden/document"]
    return sorted(path for path in asked if "{" not in path)


def fill(pots):
    script = pathlib.Path(__file__).with_name("years.sql").read_text().replace(":N", str(pots))
    access = HOME / "database" / "client.cnf"
    schema = next(line.split("=")[1] for line in access.read_text().splitlines() if line.startswith("# database="))
    subprocess.run(["mariadb", f"--defaults-file={access}", schema], input=script, text=True, check=True, stdout=subprocess.DEVNULL)


def medians(paths):
    told = {}
    for path in paths:
        times = []
        for _ in range(ROUNDS):
            began = time.perf_counter()
            status, answer = ask(path)
            times.append((time.perf_counter() - began) * 1000)
        told[path] = (status, statistics.median(times), len(answer))
    return told


def main():
    paths = questions()
    medians(paths)
    seen = []
    for size in SIZES:
        fill(size)
        seen.append(medians(paths))
    print("| question | " + " | ".join(f"{size:,} pots, ms" for size in SIZES) + " | grew | kB |\n|---|" + "---|" * (len(SIZES) + 2))
    for path in paths:
        times = [told[path][1] for told in seen]
        status, _, size = seen[-1][path]
        refused = "" if status == 200 else f" ({status})"
        print(f"| {path}{refused} | " + " | ".join(f"{each:.1f}" for each in times) + f" | {times[-1] / times[0]:.2f} × | {size / 1000:.1f} |")


main()
