from enum import Enum, auto


class Kind(Enum):
    SEED = auto()
    TOOL = auto()

    def label(self):
        return self.name


class Plain(Enum):
    A = 1
    B = 2


print(Kind.SEED.label(), Plain.B)
