"""Check whether a password is good enough."""
import string

def is_strong(password):
    """Return a list of what is missing."""
    problems = []
    if len(password) < 8:
        problems.append("too short")
    if not any(c.isdigit() for c in password):
        problems.append("no digit")
    if not any(c.isupper() for c in password):
        problems.append("no capital letter")
    if not any(c in string.punctuation for c in password):
        problems.append("no special sign")
    if all(c in string.ascii_lowercase for c in password):
        problems.append("only small letters")
    return problems

for password in ["garden", "Garden42", "Garden-gate-42", "12345678"]:
    problems = is_strong(password)
    if not problems:
        print(f"{password!r} is strong")
    else:
        print(f"{password!r}: {'; '.join(problems)}")
