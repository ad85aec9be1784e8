tasks = []

def add_task(title, *, priority=1, tags=()):
    task = {"id": len(tasks) + 1, "title": title, "priority": priority, "tags": set(tags), "done": False}
    tasks.append(task)
    return task["id"]

def complete(*ids):
    changed = 0
    for task in tasks:
        if task["id"] in ids and not task["done"]:
            task["done"] = True
            changed += 1
    return changed

def find(**criteria):
    result = []
    for task in tasks:
        if all(task[key] == value for key, value in criteria.items()):
            result.append(task)
    return result

add_task("water the ferns", priority=3, tags=["daily", "garden"])
add_task("count the hens")
add_task("mend the gate", tags={"wood"}, priority=2)
print(complete(1, 3, 9), complete(1))
for t in sorted(tasks, key=lambda t: (-t["priority"], t["title"])):
    mark = "x" if t["done"] else " "
    print(f"[{mark}] {t['id']}. {t['title']:<18} p{t['priority']} {sorted(t['tags'])}")
print([t["title"] for t in find(done=True, priority=3)], find(done=False)[0]["id"])
options = {"sep": " / ", "end": ".\n"}
print("a", "b", "c", **options)
args = (1, 10, 3)
print(list(range(*args)))
def describe(first, /, second="two", *rest, last, **more):
    return f"{first} {second} {rest} {last} {more}"
print(describe(1, last=9), describe(1, 2, 3, 4, last=5, x=6))
try:
    describe(1)
except TypeError as e:
    print("TypeError")
del tasks[0]
tasks.pop()
print(len(tasks), tasks[-1]["title"])
x = 5
x **= 2; x //= 3; x %= 5
print(x, x == 3 and "three" or "other", not x, 1 < x < 5, x if x > 9 else -x)
nested = {"a": {"b": {"c": [10, 20, {"d": "deep"}]}}}
print(nested["a"]["b"]["c"][2]["d"], nested.get("z", {}).get("b", "missing"))
