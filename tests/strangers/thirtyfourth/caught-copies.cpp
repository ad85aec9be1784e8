#include <iostream>
#include <stdexcept>
#include <vector>
#include <string>
using namespace std;
int main() {
    vector<int> v = {1};
    try { cout << v.at(3); } catch (exception e) { cout << e.what() << endl; }
    try { throw runtime_error("x"); } catch (runtime_error e) { cout << e.what() << endl; }
    try { throw runtime_error("x"); } catch (const exception &e) { cout << e.what() << endl;
      try { throw logic_error("y"); } catch (std::exception e) { cout << e.what() << string(e.what()).size() << endl; }
      cout << e.what() << endl; }
    int code = 7;
    try { throw code; } catch (int c) { cout << c << endl; }
}
