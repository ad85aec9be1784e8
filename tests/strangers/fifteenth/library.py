"""School garden tool library - lends tools to classes."""

from datetime import date, timedelta


class Tool:
    next_id = 1

    def __init__(self, name, kind="hand"):
        self.id = Tool.next_id
        Tool.next_id += 1
        self.name = name
        self.kind = kind
        self.lent_to = None
        self.due = None

    @property
    def is_lent(self):
        return self.lent_to is not None

    def __repr__(self):
        state = f"lent to {self.lent_to} until {self.due}" if self.is_lent else "in the shed"
        return f"<{self.id}: {self.name} ({self.kind}) - {state}>"


class Shed:
    LENDING_DAYS = 14

    def __init__(self):
        self._tools = {}
        self._log = []

    def add(self, *tools):
        for tool in tools:
            self._tools[tool.id] = tool
        return self

    def __len__(self):
        return len(self._tools)

    def __contains__(self, name):
        return any(t.name == name for t in self._tools.values())

    def __iter__(self):
        return iter(sorted(self._tools.values(), key=lambda t: t.name))

    def lend(self, tool_id, person, today):
        try:
            tool = self._tools[tool_id]
        except KeyError:
            raise ValueError(f"no tool {tool_id}") from None
        if tool.is_lent:
            raise RuntimeError(f"{tool.name} is already lent to {tool.lent_to}")
        tool.lent_to = person
        tool.due = today + timedelta(days=self.LENDING_DAYS)
        self._log.append((today, "lend", tool.name, person))

    def give_back(self, tool_id, today):
        tool = self._tools[tool_id]
        late = (today - tool.due).days
        tool.lent_to = tool.due = None
        self._log.append((today, "back", tool.name, None))
        return max(late, 0)


def main():
    shed = Shed()
    shed.add(Tool("spade"), Tool("rake"), Tool("mower", kind="machine")).add(Tool("hoe"))
    day = date(2024, 2, 20)
    shed.lend(2, "7b", day)
    shed.lend(3, "8a", day)
    for what in [(2, "9c"), (9, "9c")]:
        try:
            shed.lend(*what, day)
        except (ValueError, RuntimeError) as problem:
            print(type(problem).__name__, "->", problem)
    print(shed.give_back(2, day + timedelta(days=20)), "days late")
    for tool in shed:
        print(tool)
    print(len(shed), "spade" in shed, "axe" in shed)
    for when, action, *rest in shed._log:
        print(when.strftime("%d.%m.%Y"), action.upper().ljust(6), rest)


if __name__ == "__main__":
    main()
