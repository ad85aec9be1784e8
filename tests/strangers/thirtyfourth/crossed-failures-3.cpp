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
    vector<int> v = {5, 6}; map<string, int> m; string s = "seed";
    while (k < 3) { k++; while (k < 4) { k++; v.push_back(k); } }
    return k + 1;
}
int f1(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "7";
    for (int i = 0; i < 3; i++) { for (int i = 0; i < 3; i++) { cout << "step " << k << endl;  cout << "i" << i << endl; } if (i == k) continue; cout << "i" << i << endl; }
    try { while (k < 2) { k++; cout << stoi(s) << endl; } } catch (string& err) { cout << "string " << err << endl; throw; }
    return k + 1;
}
int main() {
    int k = 1; vector<int> v = {1, 2, 3}; map<string, int> m; string s = "5";
    try { cout << stoi(s) << endl; while (k < 2) { k++; k += 2; } } catch (int err) { cout << "int " << err << endl; k++; } catch (const invalid_argument& x) { cout << "invalid_argument " << x.what() << endl;  }
    try { cout << "step " << k << endl; k = f0(k); while (k < 2) { k++; cout << v.at(k) << endl; } } catch (string x) { cout << "string " << x << endl; k++; } catch (const char* x) { cout << "const char* " << x << endl;  }
    cout << "end " << k << endl;
    return 0;
}
