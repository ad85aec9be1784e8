<?php

declare(strict_types=1);

namespace Scrivlet\Tests\App;

use Symfony\Component\Routing\RouterInterface;

/** What must hold for every address, whichever is added next. */
final class GuardsTest extends AppTestCase
{
    /** @return iterable<string, array{string, string}> address and method, `1` for an id */
    private function routes(): iterable
    {
        $router = self::service('router');
        \assert($router instanceof RouterInterface);
        foreach ($router->getRouteCollection() as $name => $route) {
            if (!str_starts_with($name, '_') && !\in_array($name, ['sign_in', 'sign_out'], true)) {
                foreach ($route->getMethods() as $method) {
                    yield "$name $method" => [$route->getPath(), $method];
                }
            }
        }
    }

    private static function address(string $path, string $id): string
    {
        $kind = str_starts_with($path, '/examples') ? 'program' : 'lantern';

        return strtr($path, [
            '{id}' => $id, '{language}' => 'python', '{number}' => '1', '{key}' => 'repeat', '{kind}' => $kind, '{_format}' => str_contains($path, 'people') ? 'csv' : 'html', '{course}' => '999999', '{lesson}' => '999999', '{rung}' => '1', '{page}' => '1',
            '{class}' => '999999', '{pupil}' => '999999', '{handout}' => '999999', '{trip}' => '999999', '{note}' => '999999', '{person}' => '999999', '{code}' => 'ACF379', '{token}' => str_repeat('0', 48),
            '{sheet}' => 'worksheet', '{file}' => 'kite', '{place}' => '0', '{scene}' => 'sheet',
        ]);
    }

    public function testNobodyReachesAnotherPersonsProgram(): void
    {
        $id = $this->program($this->user('sorrel@fernhollow.example'))->id();
        $token = $this->token();
        $seen = 0;
        foreach ($this->routes() as $name => [$path, $method]) {
            if (str_contains($path, '{id}')) {
                foreach ([$id, 999999999, '99999999999999999999'] as $foreign) {
                    $this->browser->request($method, self::address($path, (string) $foreign), [], [], ['HTTP_X_CSRF_TOKEN' => $token], '{}');
                    self::assertSame(404, $this->code(), "$name $foreign");
                    ++$seen;
                }
            }
        }
        self::assertGreaterThan(30, $seen);
    }

    public function testNothingChangesWithoutTheToken(): void
    {
        $id = (string) $this->program()->id();
        $seen = 0;
        foreach ($this->routes() as $name => [$path, $method]) {
            if ('POST' === $method) {
                foreach ([[], ['HTTP_X_CSRF_TOKEN' => 'wrong']] as $headers) {
                    $this->browser->request('POST', self::address($path, $id), [], [], $headers, '{}');
                    self::assertSame(403, $this->code(), $name);
                    ++$seen;
                }
            }
        }
        self::assertGreaterThan(15, $seen);
    }

    public function testAStrangerIsLedToSigningIn(): void
    {
        $id = (string) $this->program()->id();
        $this->browser->getCookieJar()->clear();
        foreach ($this->routes() as $name => [$path, $method]) {
            if ('GET' === $method && '/health' !== $path && 1 !== preg_match('~^/(books|join|invitation|privacy)~', $path)) {
                $this->browser->request('GET', self::address($path, $id));
                self::assertResponseRedirects('http://localhost/sign-in', null, $name);
            }
        }
        $this->post("/programs/$id/edits", [], 'none');
        self::assertSame(401, $this->code(), 'a script is told, not redirected');
    }

    public function testEveryPageHasTheStrictPolicy(): void
    {
        $id = (string) $this->program()->id();
        foreach (['/', "/programs/$id", "/programs/$id/history", '/programs/999999', '/nowhere', "/programs/$id/picture.svg"] as $address) {
            $this->browser->request('GET', $address);
            $policy = (string) $this->browser->getResponse()->headers->get('Content-Security-Policy');
            self::assertStringContainsString("default-src 'none'; script-src 'self'; style-src 'self'", $policy, $address);
            // The text editor on the desk sizes its elements by attributes; nothing else may have a style of its own.
            self::assertStringNotContainsString('unsafe', "/programs/$id" === $address ? str_replace("style-src-attr 'unsafe-inline'", '', $policy) : $policy, $address);
            $html = (string) $this->browser->getResponse()->getContent();
            self::assertDoesNotMatchRegularExpression('/ style="| on\w+="|<script(?![^>]*(src=|type="application\/json"))/', $html, $address);
        }
    }

    public function testSigningInIsCheckedAndSlowedDown(): void
    {
        $this->browser->getCookieJar()->clear();
        $try = function (string $password, ?string $token = null): void {
            $page = $this->browser->request('GET', '/sign-in');
            $token ??= (string) $page->filter('[name=_csrf_token]')->attr('value');
            $this->browser->request('POST', '/sign-in', ['_username' => 'hazel@fernhollow.example', '_password' => $password, '_csrf_token' => $token]);
            $this->browser->followRedirect();
        };
        $try(self::PASSWORD, 'wrong');
        self::assertSelectorExists('[data-notice=trouble]');
        $try('wrong');
        self::assertSelectorTextContains('[data-notice=trouble]', 'Invalid credentials');
        for ($count = 0; $count < 5; ++$count) {
            $try('wrong');
        }
        self::assertSelectorTextContains('[data-notice=trouble]', 'Too many failed');
        $try(self::PASSWORD);
        self::assertSelectorTextContains('[data-notice=trouble]', 'Too many failed');
    }

    public function testPreferencesOnlyLeadBackHere(): void
    {
        foreach (['/programs/1' => '/programs/1', 'https://elsewhere.example/' => '/', '//elsewhere.example' => '/', '/\\elsewhere.example' => '/'] as $back => $target) {
            $this->browser->request('POST', '/preferences', ['_token' => $this->token(), 'theme' => 'dark', 'size' => 'gigantic', 'back' => $back]);
            self::assertResponseRedirects($target);
        }
        self::assertSame('dark', $this->browser->getCookieJar()->get('scrivlet_theme')?->getValue());
        self::assertNull($this->browser->getCookieJar()->get('scrivlet_size'));
        $this->browser->request('GET', '/', [], [], ['HTTP_ACCEPT_LANGUAGE' => 'fr']);
        self::assertSelectorExists('html[lang=fr][data-theme=dark]');
    }
}
