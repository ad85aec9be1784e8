"""The rank of each wanted piece among what python3-jedi offers at its place: JSON in, JSON out."""
import json
import re
import sys

import jedi

project = jedi.Project(sys.argv[1])
ranks = []
for place in json.load(sys.stdin):
    before = place["before"]
    lines = before.split("\n")
    begun = re.search(r"[^\W\d]\w*$", before)
    begun = begun.group() if begun else ""
    try:
        found = jedi.Script(code=before, project=project).complete(len(lines), len(lines[-1]))
        names = [one.name for one in found if one.name.startswith(begun)]
    except Exception:
        names = []
    ranks.append(names[:10].index(place["piece"]) if place["piece"] in names[:10] else -1)
json.dump(ranks, sys.stdout)
