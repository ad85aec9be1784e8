#include <iostream>
#include <stack>
#include <queue>
#include <deque>
#include <string>
#include <cctype>
#include <cmath>
#include <map>

using std::cout; using std::endl; using std::string; using std::stack;

int precedence(char op)
{
    switch (op)
    {
        case '+': case '-': return 1;
        case '*': case '/': return 2;
        case '^': return 3;
        default: return 0;
    }
}

std::queue<string> toPostfix(const string& expr)
{
    std::queue<string> output;
    stack<char> ops;
    for (size_t i = 0; i < expr.length(); ++i)
    {
        char ch = expr[i];
        if (isspace(ch)) continue;
        if (isdigit(ch))
        {
            string number;
            while (i < expr.length() && (isdigit(expr[i]) || expr[i] == '.')) number += expr[i++];
            --i;
            output.push(number);
        }
        else if (ch == '(') ops.push(ch);
        else if (ch == ')')
        {
            while (!ops.empty() && ops.top() != '(') { output.push(string(1, ops.top())); ops.pop(); }
            if (ops.empty()) throw string("too many )");
            ops.pop();
        }
        else
        {
            if (precedence(ch) == 0) throw ch;
            while (!ops.empty() && precedence(ops.top()) >= precedence(ch) && ch != '^')
            {
                output.push(string(1, ops.top()));
                ops.pop();
            }
            ops.push(ch);
        }
    }
    for (; !ops.empty(); ops.pop()) output.push(string(1, ops.top()));
    return output;
}

double evaluate(std::queue<string> postfix)
{
    stack<double> values;
    while (!postfix.empty())
    {
        string token = postfix.front(); postfix.pop();
        if (isdigit(token[0])) values.push(std::stod(token));
        else
        {
            double b = values.top(); values.pop();
            double a = values.top(); values.pop();
            if (token == "+") values.push(a + b);
            else if (token == "-") values.push(a - b);
            else if (token == "*") values.push(a * b);
            else if (token == "/") { if (b == 0) throw 0; values.push(a / b); }
            else values.push(pow(a, b));
        }
    }
    return values.top();
}

int main()
{
    const char* tests[] = {"1 + 2 * 3", "(1+2)*3", "2^3^2", "10/4-1", "1/0", "2 $ 3", "1)", "3.5 * 2"};
    for (const char* t : tests)
    {
        try
        {
            auto p = toPostfix(t);
            cout << t << " = " << evaluate(p) << " [" << p.size() << "]" << endl;
        }
        catch (const string& s) { cout << t << ": " << s << endl; }
        catch (char c) { cout << t << ": what is " << c << "?" << endl; }
        catch (...) { cout << t << ": bad" << endl; }
    }
    std::priority_queue<int, std::vector<int>, std::greater<int>> pq;
    for (int x : {5, 1, 4}) pq.push(x);
    while (pq.size()) { cout << pq.top() << ' '; pq.pop(); }
    std::priority_queue<std::pair<int, string>> jobs;
    jobs.push({2, "water"}); jobs.push({9, "harvest"}); jobs.emplace(2, "weed");
    while (!jobs.empty()) { auto [p, what] = jobs.top(); cout << p << what << ' '; jobs.pop(); }
    std::deque<int> d{1, 2, 3};
    d.push_front(0); d.pop_back(); d.push_back(9);
    for (auto i = d.rbegin(); i != d.rend(); ++i) cout << *i << (i + 1 == d.rend() ? "\n" : ",");
    return 0;
}
