#include <iostream>
#include <string>
#include <vector>
using namespace std;
char pick(int i) { return "abc"[i]; }
int main() { for (int i = 0; i < 3; i++) cout << string(i + 1, 'a' + i) << string(2, pick(i)) << string(1, char('x' + i)); string alphabet; for (int i = 0; i < 5; ++i) alphabet += string(1, 'A' + i); cout << alphabet; int n = 4; cout << string(n, '*') << string(n - 1, ' ') << '|'; string s = "hello"; cout << string(3, s[0]) << string(1, s[1]); vector<string> g(2, string(3, '.')); cout << g[1]; }
