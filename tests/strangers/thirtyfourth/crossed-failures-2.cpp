#include <iostream>
#include <stdexcept>
#include <string>
#include <vector>
#include <map>
using namespace std;
class Bad : public runtime_error {
public:
    int code;
    Bad(const string& why, int c) : runtime_error("bad: " + why), code(c) {}
};
class Worse : public Bad { public: Worse(int c) : Bad("worse", c * 10) {} };
struct Plain { int n; };

int f0(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "7x";
    v.push_back(k);
    for (int i = 0; i < 3; i++) { for (int i = 0; i < 3; i++) { v.push_back(k);  cout << "i" << i << endl; }  cout << "i" << i << endl; }
    while (k < 2) { k++; k *= 1; }
    return k + 1;
}
int f1(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "";
    for (int i = 0; i < 3; i++) { try { k += 2; s = "12"; } catch (invalid_argument x) { cout << "invalid_argument " << x.what() << endl; cout << "mended" << endl; }  cout << "i" << i << endl; }
    while (k < 3) { k++; while (k < 4) { k++; cout << v.at(k) << endl; } }
    return k + 1;
}
int main() {
    int k = 2; vector<int> v = {1, 2, 3}; map<string, int> m; string s = "5";
    while (k < 3) { k++; k += 2; }
    cout << "step " << k << endl;
    cout << "end " << k << endl;
    return 0;
}
