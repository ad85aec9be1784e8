from dataclasses import dataclass, field
from enum import Enum
from typing import List, Optional


class Status(Enum):
    OPEN = "open"
    DONE = "done"


@dataclass
class Task:
    title: str
    priority: int = 1
    status: Status = Status.OPEN
    tags: List[str] = field(default_factory=list)

    def finish(self) -> None:
        self.status = Status.DONE

    @property
    def is_open(self) -> bool:
        return self.status is Status.OPEN


class Board:
    def __init__(self, tasks: Optional[List[Task]] = None):
        self._tasks = tasks or []

    def __getitem__(self, index):
        return self._tasks[index]

    def __contains__(self, title):
        return any(t.title == title for t in self._tasks)

    def __len__(self):
        return len(self._tasks)

    def add(self, *tasks: Task) -> "Board":
        self._tasks.extend(tasks)
        return self

    def open_tasks(self):
        yield from (t for t in self._tasks if t.is_open)


board = Board().add(Task("water"), Task("mow", 3, tags=["grass"]), Task("plant", priority=2))
board[1].finish()
print(len(board), "mow" in board, "dig" in board)
for task in board.open_tasks():
    print(task)
print(sorted(board, key=lambda t: t.priority, reverse=True)[0].title)
print(board[1].status, board[1].status.value, Status("open").name)
print(Task("a") == Task("a"), [s.name for s in Status])
for n, task in enumerate(board, start=1):
    mark = "x" if not task.is_open else " "
    print(f"{n}. [{mark}] {task.title:<8} {'!' * task.priority}")
