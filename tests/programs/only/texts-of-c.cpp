#include <iostream>
#include <cctype>
using namespace std;
int countVowels(const char s[]) {
    int n = 0;
    for (int i = 0; s[i]; i++) n += s[i] == 'a';
    return n;
}
int length(char *s) { int n = 0; while (s[n] != '\0') n++; return n; }
int spaces(char s[]) { int n = 0, i; for (i = 0; s[i] != 0; i++) if (isspace(s[i])) n++; return n; }
int main() {
  char name[20] = "garland a";
  cout << countVowels(name) << countVowels("banana") << length(name) << spaces(name) << endl;
  for (int i = 0; name[i]; i++) cout << name[i] << '.';
}
