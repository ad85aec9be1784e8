#include <iostream>
#include <algorithm>
#include <string>
#include <vector>
#include <functional>
using namespace std;
int main() {
  string s = "banana";
  sort(s.begin(), s.end(), greater<char>()); cout << s << endl;
  sort(s.begin(), s.end()); cout << s << endl;
  sort(s.rbegin(), s.rend()); cout << s << endl;
  sort(s.begin(), s.end(), [](char a, char b) { return a > b; }); cout << s << endl;
  s.erase(unique(s.begin(), s.end()), s.end()); cout << s << endl;
  int k = 3; auto h = [&k] { k++; }; h(); h(); cout << k << endl;
  auto say = [] { cout << "hi" << endl; }; say();
  auto get = [=] { return k * 2; }; cout << get() << endl;

}
