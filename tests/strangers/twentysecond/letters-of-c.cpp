#include <iostream>
#include <cstring>
using namespace std;
int count(const char* s, char c) { int n = 0; for (const char* p = s; *p != '\0'; ++p) if (*p == c) n++; return n; }
int main() { const char* s = "hello"; int len = 0; for (const char* c = s; *c; c++) len++; cout << len << s[1] << count("banana", 'a') << endl; char w[20] = "garden"; for (char* q = w; *q; q++) cout << *q << '-'; cout << endl; for (const char* c = s; *c != 0; c++) { if (c == s) cout << '['; cout << (char)(*c - 32); } cout << endl; for (const char* e = s; *e; ++e) { if (e - s == 2) cout << *e << (e != s); } cout << endl; }
